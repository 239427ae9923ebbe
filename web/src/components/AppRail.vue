<script setup lang="ts">
import { say } from '../texts'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'

const session = useSession()
const preferences = usePreferences()
</script>

<template>
  <nav class="rail" :aria-label="say('appRail.main')">
    <router-link to="/looks" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path
          d="M12 21c-1-4-3-8-7-11 2.500.6 4.500.4 6-1L12 5l1 4c1.500 1.400 3.500 1.600 6 1-4 3-6 7-7 11z"
        />
      </svg>
      <span>{{ say('appRail.looks') }}</span>
    </router-link>
    <router-link to="/faces" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path
          d="M12 3c4 0 6 3 6 7s-2.500 10-6 10-6-6-6-10 2-7 6-7z M9.500 10.500h1 M13.500 10.500h1 M10.500 15.500h3"
        />
      </svg>
      <span>{{ say('appRail.faces') }}</span>
    </router-link>
    <router-link to="/characters" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path
          d="M3 5c3-1 6-1 8 0 0 5-1 8-4 9-3-1-4-4-4-9z M13 10c3-1 6-1 8 0 0 5-1 8-4 9-2-.7-3.400-2.400-3.800-5"
        />
      </svg>
      <span>{{ say('appRail.troupe') }}</span>
    </router-link>
    <router-link to="/kit" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path d="M4 9h16v10H4z M4 9l2-4h12l2 4 M8 14h.01 M12 14h.01 M16 14h.01" />
      </svg>
      <span>{{ say('appRail.kit') }}</span>
    </router-link>
    <router-link to="/case" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path d="M3 8h18v11H3z M9 8V5h6v3 M3 13h18 M11 12h2v3h-2z" />
      </svg>
      <span>{{ say('appRail.case') }}</span>
    </router-link>
    <router-link to="/days" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path d="M4 20V9l8-5 8 5v11 M4 9h16 M9 20v-6h6v6" />
      </svg>
      <span>{{ say('appRail.days') }}</span>
    </router-link>
    <router-link to="/chair" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path d="M7 4v9h9 M7 13v7 M16 13v7 M7 8h6 M16 10v3" />
      </svg>
      <span>{{ say('appRail.chair') }}</span>
    </router-link>
    <router-link to="/book" class="place">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path d="M5 4h11a3 3 0 0 1 3 3v13H8a3 3 0 0 1-3-3z M5 17a3 3 0 0 1 3-3h11 M9 8h6" />
      </svg>
      <span>{{ say('appRail.book') }}</span>
    </router-link>
    <span class="gap" />
    <router-link
      to="/account"
      class="place"
      :title="session.session?.demo ? say('app.demo') : (session.session?.name ?? '')"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path d="M12 12a4 4 0 1 0 0-8 4 4 0 0 0 0 8z M4 20c1-4 4-6 8-6s7 2 8 6" />
      </svg>
      <span>{{ session.session?.demo ? say('appRail.demo') : say('appRail.account') }}</span>
    </router-link>
    <button class="place" @click="preferences.unit = preferences.unit === 'mm' ? 'in' : 'mm'">
      <strong>{{ preferences.unit }}</strong>
      <span>{{ say('appRail.units') }}</span>
    </button>
    <button class="place" @click="preferences.theme = preferences.theme === 'paper' ? 'wings' : 'paper'">
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path d="M12 4a8 8 0 1 0 0 16z M12 4a8 8 0 0 1 0 16" />
      </svg>
      <span>{{ preferences.theme === 'paper' ? say('appRail.paper') : say('appRail.wings') }}</span>
    </button>
  </nav>
</template>

<style scoped>
.rail {
  width: 64px;
  flex: none;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 6px;
  padding: 10px 0;
  background: var(--ground);
  border-right: 1px solid var(--line);
}

.place {
  width: 54px;
  min-height: 48px;
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 1px;
  border: 0;
  border-radius: 9px;
  background: none;
  color: var(--faint);
  font-size: 12px;
  text-decoration: none;
  cursor: pointer;
}

.place:hover,
.place.router-link-active {
  background: var(--accent-soft);
  color: var(--accent);
}

svg {
  width: 22px;
  height: 22px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

strong {
  height: 22px;
  line-height: 22px;
}

.gap {
  flex: 1;
}

@media (width <= 640px) {
  .rail {
    width: 100%;
    flex-direction: row;
    gap: 0;
    padding: 2px;
    border-right: 0;
    border-top: 1px solid var(--line);
  }

  /* All of them beside each other, as wide as their words. */
  .place {
    flex: 1 1 auto;
    width: auto;
    font-size: 11px;
  }

  .gap {
    display: none;
  }
}
</style>
