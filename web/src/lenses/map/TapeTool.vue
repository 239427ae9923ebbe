<script setup lang="ts">
import { say } from '../../texts'
import { titled } from '../../lib/shortcuts'
import { useMapping } from '../../stores/mapping'

const mapping = useMapping()
</script>

<template>
  <div class="segments">
    <button
      :aria-pressed="mapping.taping"
      :title="titled('tape')"
      @click="mapping.taping ? mapping.putTapeAway() : (mapping.taping = true)"
    >
      {{ say('tapeTool.tape') }}
    </button>
  </div>
</template>
