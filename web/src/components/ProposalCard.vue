<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import type { Part, Proposal } from '../api/client'
import { clock } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { say } from '../texts'

/** A proposed face: its picture, its minutes, why it is so, and what may be kept of it. */
const props = defineProps<{ proposal: Proposal; picture: string | null }>()
defineEmits<{ take: []; like: []; keep: [part: Part] }>()

const catalogue = useCatalogue()
const open = ref(false)
const named = (part: Part) => part.name ?? catalogue.kindOf(part.kind)?.label ?? part.kind

const facts = () =>
  [
    say('proposalCard.minSteps', {
      minutes: clock(props.proposal.likelySeconds),
      steps: props.proposal.steps,
    }),
    ...(props.proposal.stopSeconds.length
      ? [
          say('proposalCard.mayStopAt', {
            at: props.proposal.stopSeconds.map((s) => clock(s)).join(', '),
          }),
        ]
      : []),
  ].join(' · ')
</script>

<template>
  <li class="proposal">
    <button class="face" :title="say('proposalCard.takeThisFace')" @click="$emit('take')">
      <img v-if="picture" :src="picture" :alt="say('proposalCard.painted', { name: proposal.look.name })" />
      <span v-else class="waiting" aria-hidden="true" />
      <strong>{{ proposal.title }}</strong>
      <span class="faint">{{ facts() }}</span>
    </button>
    <p v-for="line in proposal.givenUp" :key="line" class="given">{{ line }}</p>
    <div class="acts">
      <n-button size="small" type="primary" @click="$emit('take')">{{ say('proposalCard.take') }}</n-button>
      <n-button size="small" @click="$emit('like')">{{ say('proposalCard.moreLikeThis') }}</n-button>
      <n-button size="small" :aria-expanded="open" @click="open = !open">{{
        say('proposalCard.whyThis')
      }}</n-button>
    </div>
    <div v-if="open" class="why">
      <ul>
        <li v-for="line in proposal.whys" :key="line">{{ line }}</li>
      </ul>
      <p class="faint">{{ say('proposalCard.keepOne') }}</p>
      <div class="chips">
        <button v-for="part in proposal.look.parts" :key="part.id" @click="$emit('keep', part)">
          {{ named(part) }}
        </button>
      </div>
    </div>
  </li>
</template>

<style scoped>
.proposal {
  background: var(--panel);
  border: 1px solid var(--line);
  border-radius: 12px;
  overflow: hidden;
  align-self: start;
}

.face {
  display: grid;
  width: 100%;
  padding: 0 0 4px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.face img,
.waiting {
  width: 100%;
  aspect-ratio: 320 / 300;
  object-fit: cover;
  object-position: top;
  background: var(--surround);
}

.face strong,
.face .faint {
  padding: 6px 12px 0;
}

.face .faint {
  padding-top: 0;
}

.given {
  margin: 4px 12px;
  color: var(--warning);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 6px 12px 12px;
}

.why {
  padding: 0 12px 12px;
  border-top: 1px solid var(--line);
}

.why ul {
  margin: 8px 0;
  padding-left: 18px;
}
</style>
