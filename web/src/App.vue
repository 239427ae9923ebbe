<script setup lang="ts">
import { say } from './texts'
import {
  darkTheme,
  NConfigProvider,
  NDialogProvider,
  NMessageProvider,
  enUS,
  type GlobalThemeOverrides,
} from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import AppRail from './components/AppRail.vue'
import SignIn from './components/SignIn.vue'
import KeyboardHelp from './components/KeyboardHelp.vue'
import { useCatalogue } from './stores/catalogue'
import { useSession } from './stores/session'
import { usePreferences } from './stores/preferences'

const preferences = usePreferences()
const catalogue = useCatalogue()
const session = useSession()
const router = useRouter()
const route = useRoute()
const problem = ref('')
/** Pages that let somebody in are open to everybody. */
const open = computed(() => route.meta.open === true)

const PAPER = {
  primary: '#5B3F8C',
  hover: '#6d50a0',
  text: '#24212B',
  faint: '#635e6b',
  panel: '#FFFFFF',
  line: '#D8D2C8',
}
const WINGS = {
  primary: '#B9A2F2',
  hover: '#c9b7f7',
  text: '#EDE9F3',
  faint: '#a9a2b5',
  panel: '#221F29',
  line: '#3A3544',
}

const overrides = computed<GlobalThemeOverrides>(() => {
  const c = preferences.theme === 'wings' ? WINGS : PAPER
  return {
    common: {
      fontFamily: "'Atkinson Hyperlegible Next', sans-serif",
      primaryColor: c.primary,
      primaryColorHover: c.hover,
      primaryColorPressed: c.primary,
      primaryColorSuppl: c.primary,
      textColorBase: c.text,
      textColor1: c.text,
      textColor2: c.text,
      textColor3: c.faint,
      placeholderColor: c.faint,
      bodyColor: c.panel,
      popoverColor: c.panel,
      modalColor: c.panel,
      cardColor: c.panel,
      borderColor: c.line,
      borderRadius: '7px',
    },
  }
})

async function load() {
  problem.value = ''
  try {
    await router.isReady()
    await session.load()
    if (session.signedIn && !open.value) await catalogue.load()
  } catch (error) {
    problem.value = (error as Error).message
  }
}

/** The chair goes on without the service: it has its plan with it. */
const alone = computed(() => route.meta.offline === true && !session.session && !!problem.value)

onMounted(load)

// The component library's own words, where we leave them to it.
const words = {
  ...enUS,
  Input: { ...enUS.Input, placeholder: say('app.pleaseInput') },
  InputNumber: { ...enUS.InputNumber, placeholder: say('app.pleaseInput') },
  Select: { ...enUS.Select, placeholder: say('app.pleaseSelect') },
}
</script>

<template>
  <n-config-provider
    :theme="preferences.theme === 'wings' ? darkTheme : null"
    :theme-overrides="overrides"
    :locale="words"
    class="frame"
    :class="{ alone: route.meta.offline }"
  >
    <n-dialog-provider>
      <n-message-provider>
        <app-rail v-if="session.signedIn && !open" />
        <main class="page">
          <p
            v-if="session.signedIn && !open && !session.canChange"
            :key="session.tries"
            class="note"
            :class="{ tried: session.tries }"
            role="status"
          >
            {{ say('app.helper') }}
          </p>
          <router-view v-if="alone" />
          <div v-else-if="problem" class="problem" role="alert">
            <h2>{{ say('app.daturaDoesNotAnswer') }}</h2>
            <p>{{ problem }}</p>
            <button class="again" @click="load">{{ say('app.tryAgain') }}</button>
          </div>
          <router-view v-else-if="open && session.session" />
          <sign-in v-else-if="session.session && !session.signedIn" @done="load" />
          <router-view v-else-if="catalogue.ready" />
          <p v-else class="problem faint">{{ say('app.openingTheStudio') }}</p>
        </main>
        <keyboard-help />
      </n-message-provider>
    </n-dialog-provider>
  </n-config-provider>
</template>

<style scoped>
.frame {
  display: flex;
  height: 100%;
}

.page {
  flex: 1;
  min-width: 0;
  min-height: 0;
  overflow: auto;
}

.note {
  margin: 0;
  padding: 6px 14px;
  border-bottom: 1px solid var(--line);
  background: color-mix(in srgb, var(--warning) 16%, var(--panel));
}

/* Whoever tries to change something is shown why nothing does. */
.tried {
  animation: tried 1.5s ease-out;
}

@keyframes tried {
  from {
    background: var(--warning);
  }
}

.problem {
  padding: 48px;
  display: grid;
  gap: 12px;
  justify-items: start;
}

.again {
  min-height: 36px;
  padding: 0 16px;
  border: 1px solid var(--accent);
  border-radius: 7px;
  background: none;
}

@media (width <= 640px) {
  .frame {
    flex-direction: column-reverse;
  }

  /* On a phone on a stand all of the screen is the step's. */
  .alone :deep(.rail) {
    display: none;
  }
}
</style>
