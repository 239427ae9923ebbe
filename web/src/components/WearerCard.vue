<script setup lang="ts">
import { NButton, useMessage } from 'naive-ui'
import { computed, ref } from 'vue'
import { picture } from '../api/addresses'
import { api, type Character, type Look, type RuleFinding, type WearerResource } from '../api/client'
import { offOf, type Numbered } from '../lib/conformity'
import { differenceWords } from '../lib/differences'
import { freshName } from '../lib/freshName'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'
import RetriedImage from './RetriedImage.vue'

/** A wearer: the face in its look, how many rules it keeps, which it breaks and where, and how each is mended. */
const props = defineProps<{
  wearer: WearerResource
  character: Character
  rules: Record<string, Numbered>
  lookRevision: number
}>()
const emit = defineEmits<{ remove: []; mended: [look: string] }>()

const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()
const busy = ref('')
const open = ref(false)

const face = computed(() => catalogue.faces.find((f) => f.id === props.wearer.face))
const off = computed(() => offOf(props.wearer))
const pins = computed(() => off.value.filter((f) => f.x !== null && f.y !== null))
const undecided = computed(() => props.wearer.findings.filter((f) => f.state === 'notDecided'))
const number = (f: RuleFinding) => props.rules[f.rule]?.number ?? 0

/** Who else wears the same look keeps it as it is: this wearer gets an own one. */
async function keep(look: string, revision: number, mended: Look): Promise<string> {
  const { face: faceId, faceName } = props.wearer
  if (!props.character.wearers?.some((w) => w.look === look && w.face !== faceId)) {
    await api.saveLook(look, revision, mended, freshName())
    return look
  }
  return (
    await api.addLook({ ...mended, name: say('characters.lookOf', { name: mended.name, face: faceName }) })
  ).id
}

async function mend(finding: RuleFinding) {
  busy.value = finding.rule
  try {
    const { face: faceId, look } = props.wearer
    const {
      look: mended,
      revision,
      changes,
    } = await api.mend({
      character: props.character,
      settingId: preferences.setting,
      wearer: { face: faceId, look },
      rule: finding.rule,
    })
    if (!mended) {
      message.warning(say('characters.noSmallChange'), { duration: 9000, closable: true })
      return
    }
    const kept = await keep(look, revision, mended)
    const kinds = Object.fromEntries(mended.parts.map((p) => [p.id, p.kind]))
    message.success(
      say('characters.mended', {
        look: props.wearer.lookName,
        changes: changes.map((c) => differenceWords(c, kinds, catalogue.words)).join('; '),
      }),
      { duration: 12000, closable: true },
    )
    emit('mended', kept)
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  } finally {
    busy.value = ''
  }
}
</script>

<template>
  <li class="wearer">
    <div class="face">
      <retried-image
        v-if="!wearer.problem"
        :src="picture.worn(wearer.look, lookRevision, wearer.face, face?.revision ?? 0, preferences.setting)"
        :alt="say('characters.wornBy', { look: wearer.lookName, face: wearer.faceName })"
        :width="320"
        :height="360"
      />
      <span
        v-for="f in pins"
        :key="f.rule"
        class="pin"
        aria-hidden="true"
        :style="{ left: `${100 * f.x!}%`, top: `${100 * f.y!}%` }"
        >{{ number(f) }}</span
      >
    </div>
    <h3>{{ wearer.faceName }}</h3>
    <router-link :to="`/looks/${wearer.look}`">{{ wearer.lookName }}</router-link>
    <p v-if="wearer.problem" class="stop" role="alert">{{ wearer.problem }}</p>
    <template v-else>
      <p :class="off.length ? 'stop' : 'good'">
        {{
          off.length
            ? say('characters.offOf', { off: off.length, rules: wearer.findings.length })
            : say('characters.conforms', { rules: wearer.met })
        }}
      </p>
      <ol class="off">
        <li v-for="f in off" :key="f.rule" :value="number(f)">
          {{ f.says }}
          <n-button v-if="session.canChange" size="tiny" :loading="busy === f.rule" @click="mend(f)">{{
            say('characters.mend')
          }}</n-button>
        </li>
      </ol>
      <n-button
        v-if="wearer.findings.length"
        class="more"
        size="tiny"
        :aria-expanded="open"
        @click="open = !open"
      >
        {{ open ? say('characters.hideRules') : say('characters.allRules') }}</n-button
      >
      <p v-if="undecided.length && !open" class="faint">
        {{ say('characters.notDecided', { count: undecided.length }) }}
      </p>
      <ol v-if="open" class="all">
        <li v-for="f in wearer.findings" :key="f.rule" :value="number(f)" :class="f.state">
          <span aria-hidden="true">{{ { met: '✓', off: '✕', notDecided: '?' }[f.state] }}</span> {{ f.says }}
        </li>
      </ol>
    </template>
    <n-button v-if="session.canChange" class="more" size="tiny" quaternary @click="emit('remove')">{{
      say('characters.notHeldToIt')
    }}</n-button>
  </li>
</template>

<style scoped>
.wearer {
  display: grid;
  gap: 6px;
  align-content: start;
  padding: 10px 12px 12px;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--panel);
}

.more {
  justify-self: start;
}

.face {
  position: relative;
}

.face img {
  display: block;
  width: 100%;
  height: auto;
  border-radius: 8px;
  background: var(--ground);
}

/* Beside the place, so that the place itself stays in sight. */
.pin {
  position: absolute;
  translate: 30% -120%;
  min-width: 24px;
  padding: 0 5px;
  border-radius: 12px;
  border: 2px solid var(--on-picture);
  background: var(--refused);
  color: var(--on-picture);
  font-weight: 700;
  font-size: 13px;
  line-height: 20px;
  text-align: center;
}

h3,
p {
  margin: 0;
}

ol {
  margin: 0;
  padding-left: 24px;
  display: grid;
  gap: 4px;
}

.all {
  font-size: 13px;
}

.all .met {
  color: var(--faint);
}
</style>
