<script setup lang="ts">
import { NButton, NDropdown, useMessage } from 'naive-ui'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { chair } from '../api/chairCalls'
import { api, documents } from '../api/client'
import { download, fileName } from '../lib/download'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { usePreferences } from '../stores/preferences'
import { useChairWishes } from '../stores/chairWishes'
import { useSession } from '../stores/session'
import { useAttempt } from '../lib/attempt'
import { today } from '../lib/format'
import { say } from '../texts'
import SavesPanel from './SavesPanel.vue'

/** What leaves the workspace: sheets, the look as a file; and its earlier saves. */
const message = useMessage()
const lookDoc = useLook()
const planning = usePlan()
const preferences = usePreferences()
const session = useSession()
const wishes = useChairWishes()
const router = useRouter()
const attempt = useAttempt()
const printing = ref(false)
const saves = ref(false)

const SHEETS = [
  { label: say('downloadMenu.stepSheetA4'), key: 'A4' },
  { label: say('downloadMenu.stepSheetLetter'), key: 'Letter' },
  { label: say('downloadMenu.boothSheetOnePageA4'), key: 'A4 booth' },
  { label: say('downloadMenu.boothSheetOnePageLetter'), key: 'Letter booth' },
  { label: say('downloadMenu.removalCardA6'), key: 'removal' },
  { label: say('downloadMenu.lookFile'), key: 'file' },
  { type: 'divider', key: 'line' },
  { label: say('downloadMenu.intoTheChair'), key: 'chair' },
  { label: say('downloadMenu.paintedIt'), key: 'painted' },
  { label: say('downloadMenu.earlierSaves'), key: 'saves' },
]

async function sheet(key: string) {
  if (key === 'file') {
    // The service writes the file, of what is saved.
    await lookDoc.save()
    window.location.assign(documents('looks').file(lookDoc.id))
    return
  }
  if (key === 'chair' || key === 'painted') {
    // Seen to be on its way, so that nobody taps twice and has two sessions.
    printing.value = true
    await attempt(async () => {
      await lookDoc.save()
      const { id } = await chair.begin(planning.request, {
        lookId: lookDoc.id,
        revision: lookDoc.revision,
        on: today(),
        chair: key === 'chair',
        painter: wishes.painter.trim() || session.session?.name || undefined,
      })
      await router.push(key === 'chair' ? `/chair/${id}` : `/book/${id}`)
    })
    printing.value = false
    return
  }
  if (key === 'saves') {
    saves.value = true
    return
  }
  printing.value = true
  try {
    if (key === 'removal') {
      download(await api.removalCard(planning.request), fileName(`${lookDoc.look.name} removal`, 'pdf'))
      return
    }
    download(
      await api.sheet(
        planning.request,
        key.split(' ')[0]!,
        preferences.unit,
        key.endsWith('booth') ? 'booth' : 'full',
      ),
      fileName(`${lookDoc.look.name} on ${preferences.face}${key.endsWith('booth') ? ' booth' : ''}`, 'pdf'),
    )
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  } finally {
    printing.value = false
  }
}
</script>

<template>
  <n-dropdown trigger="click" :options="SHEETS" @select="sheet">
    <n-button
      class="near"
      size="small"
      type="primary"
      :loading="printing"
      :aria-label="say('downloadMenu.download')"
      ><span class="long">{{ say('downloadMenu.download') }}</span
      ><span class="short">{{ say('downloadMenu.print') }}</span></n-button
    >
  </n-dropdown>
  <saves-panel
    :id="lookDoc.id"
    v-model:show="saves"
    kind="looks"
    :revision="lookDoc.revision"
    :before="lookDoc.save"
    @restored="lookDoc.open(lookDoc.id)"
  />
</template>

<style scoped>
.short {
  display: none;
}

@media (width <= 860px) {
  .near {
    order: 3;
  }
}

@media (width <= 600px) {
  .long {
    display: none;
  }

  .short {
    display: inline;
  }
}
</style>
