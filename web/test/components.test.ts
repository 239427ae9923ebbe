// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Caution, Measure } from '../src/api/client'
import ChoiceField from '../src/components/ChoiceField.vue'
import ColourSwatch from '../src/components/ColourSwatch.vue'
import FieldRow from '../src/components/FieldRow.vue'
import FileButton from '../src/components/FileButton.vue'
import CautionLine from '../src/components/CautionLine.vue'
import LabFields from '../src/components/LabFields.vue'
import MeasureField from '../src/components/MeasureField.vue'
import SaveState from '../src/components/SaveState.vue'
import SegmentGroup from '../src/components/SegmentGroup.vue'
import UnitRow from '../src/components/UnitRow.vue'
import { useLook } from '../src/stores/look'
import { useMapping } from '../src/stores/mapping'
import { usePreferences } from '../src/stores/preferences'
import { useSelection } from '../src/stores/selection'

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})

describe('a choice side by side', () => {
  const options = [
    { id: 'a', label: 'Bust', title: 'The bust alone' },
    { id: 'b', label: 'Chart', title: 'The chart alone', key: 'C' },
  ] as const

  it('says which one holds, and asks for another', async () => {
    const group = mount(SegmentGroup, { props: { label: 'Layout', value: 'a', options } })
    const buttons = group.findAll('button')
    expect(buttons.map((b) => b.attributes('aria-pressed'))).toEqual(['true', 'false'])
    await buttons[1]!.trigger('click')
    expect(group.emitted('update:value')).toEqual([['b']])
  })

  it('keeps the key out of what a screen reader says', () => {
    const group = mount(SegmentGroup, { props: { label: 'Layout', value: 'a', options } })
    expect(group.get('kbd').attributes('aria-hidden')).toBe('true')
    expect(group.get('[role=group]').attributes('aria-label')).toBe('Layout')
  })
})

describe('whether work is saved', () => {
  it('is said in words, not by colour alone', () => {
    const said = (['saved', 'waiting', 'saving', 'offline', 'conflict', 'refused'] as const).map((state) =>
      mount(SaveState, { props: { state, message: '' } }).text(),
    )
    expect(new Set(said).size).toBe(said.length)
    expect(said.every((s) => s.length > 3)).toBe(true)
  })
})

describe('a caution', () => {
  const caution = {
    code: 'eyeArea',
    severity: 'warning',
    passed: null,
    sentence: 'Eye patch: Tar is not labelled for the eye area.',
    parts: [{ id: 'eye', label: 'Eye patch' }],
    at: { xMm: 30, yMm: -4 },
    remedies: [],
  } as unknown as Caution

  it('leads to its part and its place', async () => {
    useLook().describe({ parts: [{ id: 'eye' } as never] })
    const line = mount(CautionLine, { props: { caution } })
    expect(line.text()).toContain('not labelled for the eye area')
    await line.get('button').trigger('click')
    expect(useSelection().selected).toBe('eye')
    expect(useMapping().spot).toEqual({ x: 30, y: -4 })
  })

  it('leads nowhere when it is about the whole work', () => {
    const whole = { ...caution, parts: [], at: null } as Caution
    expect(
      mount(CautionLine, { props: { caution: whole } })
        .find('button')
        .exists(),
    ).toBe(false)
  })

  it('offers what would help, once for every coat', async () => {
    useLook().describe({ parts: [{ id: 'eye' } as never], mendings: null })
    const remedies = ['eye/patch', 'lip/lip'].map((coat) => ({ kind: 'powderCream', coat }))
    const line = mount(CautionLine, { props: { caution: { ...caution, remedies } as Caution } })
    await line.findAll('button')[1]!.trigger('click')
    await line.findAll('button')[1]!.trigger('click')
    expect(useLook().look.mendings?.map((m) => m.coat)).toEqual(['eye/patch', 'lip/lip'])
  })
})

describe('a measure', () => {
  const measure = {
    id: 'mouthWidth',
    label: 'Mouth width',
    standardTerm: 'cheilion to cheilion',
    howTaken: 'Corner to corner.',
    group: 'face',
    instrument: 'caliper',
    leastMm: 30,
    mostMm: 80,
    typicalLowMm: 44,
    typicalHighMm: 58,
  } as unknown as Measure
  const field = (props: object) =>
    mount(MeasureField, {
      props: { measure, mm: 51, estimateMm: 50, problems: undefined, note: undefined, ...props },
    })
  const typed = (of: ReturnType<typeof field>) => of.get('input').element.value

  it('is shown in the unit the painter likes, and given back in millimetres', async () => {
    usePreferences().unit = 'in'
    const inches = field({})
    expect(typed(inches)).toBe('2.01')
    await inches.get('input').setValue('2')
    await inches.get('input').trigger('blur')
    expect(inches.emitted('change')?.at(-1)).toEqual([50.8])
    expect(inches.text()).toContain('1.73 to 2.28 in')
  })

  it('says when it is only estimated', () => {
    expect(field({ mm: undefined }).text()).toContain('estimated')
    expect(field({}).text()).not.toContain('estimated')
  })

  it('says what is wrong rather than what is rare', () => {
    const both = field({ problems: ['People lie between 30 and 80 mm.'], note: 'Measure it again.' })
    expect(both.get('[role=alert]').text()).toContain('People lie between')
    expect(both.find('[role=status]').exists()).toBe(false)
    expect(field({ note: 'Measure it again.' }).get('[role=status]').text()).toBe('Measure it again.')
  })
})

describe('a colour by numbers', () => {
  it('changes one coordinate and keeps the others', async () => {
    const lab = mount(LabFields, { props: { modelValue: { l: 50, a: 10, b: -5 }, name: 'Over black' } })
    const a = lab.findAll('input')[1]!
    await a.setValue('12.5')
    await a.trigger('blur')
    expect(lab.emitted('update:modelValue')?.at(-1)).toEqual([{ l: 50, a: 12.5, b: -5 }])
  })
})

describe('a colour to look at', () => {
  it('is square unless it is given a height', () => {
    const square = mount(ColourSwatch, { props: { colour: '#123456', widthPx: 16 } })
    expect(square.attributes('style')).toContain('height: 16px')
    const wide = mount(ColourSwatch, { props: { colour: '#123456', widthPx: 34, heightPx: 28 } })
    expect(wide.attributes('style')).toContain('height: 28px')
  })
})

describe('a file asked for', () => {
  it('is given on, and can be chosen again after a mistake in it was mended', async () => {
    const button = mount(FileButton, { props: { label: 'Open', says: 'Look file', accept: '.json' } })
    const input = button.get<HTMLInputElement>('input')
    const file = new File(['{}'], 'keeper.json')
    for (let time = 1; time <= 2; time++) {
      Object.defineProperty(input.element, 'files', { value: [file], configurable: true })
      await input.trigger('change')
      expect(input.element.value).toBe('')
    }
    expect(button.emitted('chosen')).toEqual([[file], [file]])
  })

  it('is named for a screen reader', () => {
    const button = mount(FileButton, { props: { label: 'Open', says: 'Look file', accept: '.json' } })
    expect(button.get('input').attributes('aria-label')).toBe('Look file')
  })

  it('gives nothing on when the painter thought better of it', async () => {
    const button = mount(FileButton, { props: { label: 'Open', says: 'Look file', accept: '.json' } })
    await button.get('input').trigger('change')
    expect(button.emitted('chosen')).toBeUndefined()
  })
})

describe('a line of an inspector', () => {
  it('carries its control with it when its name is clicked, where it should', () => {
    const row = mount(FieldRow, { props: { label: 'Reserved', tag: 'label' }, slots: { default: '<input>' } })
    expect(row.element.tagName).toBe('LABEL')
    expect(row.text()).toBe('Reserved')
    expect(row.find('input').exists()).toBe(true)
  })
})

describe('a line with a number', () => {
  const row = (props: object = {}) =>
    mount(UnitRow, {
      props: { label: 'Evenings', unit: 'days', value: 3, min: 1, max: 5, ...props },
      attachTo: document.body,
    })
  const named = (of: ReturnType<typeof row>) =>
    of.findAll('input, button').map((e) => e.attributes('aria-label'))

  it('has names for the number and for less and more, also when its name changes', async () => {
    const line = row()
    expect(named(line)).toEqual(['Evenings, days', 'Less: Evenings, days', 'More: Evenings, days'])
    await line.setProps({ label: 'Nights' })
    expect(named(line)).toEqual(['Nights, days', 'Less: Nights, days', 'More: Nights, days'])
    expect(named(row({ unit: '' }))[0]).toBe('Evenings')
  })

  it('goes up and down within its bounds', async () => {
    const line = row({ value: 5 })
    const [less, more] = line.findAll('button')
    expect(more!.attributes('disabled')).toBeDefined()
    await less!.trigger('click')
    expect(line.emitted('update:value')).toEqual([[4]])
  })

  it('changes nothing when it is emptied, and takes no more than it may', async () => {
    const line = row()
    const field = line.find('input')
    await field.setValue('')
    await field.trigger('blur')
    expect(line.emitted('update:value')).toBeUndefined()
    await field.setValue('40')
    await field.trigger('blur')
    expect(line.emitted('update:value')).toEqual([[5]])
  })
})

describe('words of which one holds', () => {
  it('asks for the one clicked', async () => {
    const options = [
      { id: 3, label: '3' },
      { id: 4, label: '4' },
    ]
    const field = mount(ChoiceField<number>, { props: { label: 'Tones', value: 3, options } })
    await field.findAll('input')[1]!.trigger('change')
    expect(field.emitted('update:value')?.[0]).toEqual([4])
  })
})
