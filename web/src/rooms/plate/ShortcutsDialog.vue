<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { setSingleKeys, type Shortcut, singleKeys } from './usePlateKeys'

defineProps<{ open: boolean; shortcuts: Shortcut[] }>()
const emit = defineEmits<{ close: [] }>()
const SIGNS: Record<string, string> = { ArrowDown: '↓', ArrowUp: '↑', Escape: 'Esc' }
const sign = (key: string) => key.replace(/Arrow\w+|Escape/, (k) => SIGNS[k] ?? k)
</script>

<template>
  <Dialog :open="open" class="fixed inset-0 z-40 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-16 w-[36rem] max-w-[92vw] border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">Keys on the plate</DialogTitle>
      <dl class="mt-3 grid grid-cols-[auto_1fr_auto_1fr] gap-x-3 gap-y-1.5">
        <template v-for="shortcut in shortcuts" :key="shortcut.label">
          <dt class="text-right">
            <kbd v-for="key in shortcut.keys.slice(0, 2)" :key="key" class="ml-1 border border-line px-1.5">{{ sign(key) }}</kbd>
          </dt>
          <dd>{{ shortcut.label }}</dd>
        </template>
        <dt class="text-right"><kbd class="border border-line px-1.5">/</kbd></dt>
        <dd>find anything</dd>
      </dl>
      <label class="mt-4 flex items-center gap-2"
        ><input type="checkbox" class="size-4" :checked="singleKeys" @change="setSingleKeys(!singleKeys)" /> single letters and signs do
        this on the plate</label
      >
      <p class="mt-4 text-right"><button type="button" class="act" @click="emit('close')">Close</button></p>
    </DialogPanel>
  </Dialog>
</template>
