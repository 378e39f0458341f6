<!-- What is drawn how on the strip of a day. -->
<template>
  <dl class="grid grid-cols-[2.2rem_1fr] items-center gap-x-2 gap-y-1 border-t border-line pt-2 text-note text-quiet">
    <dt><span class="block h-4 border border-ink bg-ink/70" /></dt>
    <dd>make, or make and set</dd>
    <dt><span class="block h-4 border border-ink bg-sheet" /></dt>
    <dd>join</dd>
    <dt><span class="block h-4 border border-ink bg-accent" /></dt>
    <dd>colour</dd>
    <dt><span class="block h-4 border border-ink border-b-4 border-b-line bg-ink/70" /></dt>
    <dd>at its foot the shades of its pastes</dd>
    <dt><span class="block h-3 border border-quiet bg-line" /></dt>
    <dd>another order</dd>
    <dt><span class="block h-1 bg-quiet" /></dt>
    <dd>has to dry</dd>
    <dt><span class="block h-1 border border-quiet bg-line" /></dt>
    <dd>dry enough, waits for hands</dd>
    <dt class="justify-self-end"><span class="block h-3 w-2 border-2 border-l-0 border-accent" /></dt>
    <dd>no longer bends</dd>
  </dl>
</template>
