<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answered, api } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'
import { readable } from '../order/dates'

/** How a tablet comes to the bench: step by step, with the address to scan and the certificate to compare. */
const tablet = useQuery({ queryKey: ['tablet'], queryFn: () => answered(api.GET('/api/tablet')) })
/** The address as a code to scan. */
const CODE = '/api/tablet/code.svg'
const now = ref('')
const next = ref('')
const told = ref('')
const fault = ref<unknown>()

async function signOut(id: string) {
  fault.value = undefined
  try {
    await answered(api.DELETE('/api/tablet/devices/{id}', { params: { path: { id } } }))
    await tablet.refetch()
  } catch (e) {
    fault.value = e
  }
}

async function change() {
  fault.value = undefined
  told.value = ''
  try {
    await answered(api.PUT('/api/tablet/passphrase', { body: { now: now.value, next: next.value } }))
    now.value = next.value = ''
    told.value = 'The passphrase is another now. Every other device is asked for it at its next step.'
    await tablet.refetch()
  } catch (e) {
    fault.value = e
  }
}
</script>

<template>
  <div class="mx-auto max-w-5xl px-6 py-4">
    <h1 class="border-b border-line pb-2 text-title">A tablet at the bench</h1>
    <ProblemNote v-if="tablet.error.value" :error="tablet.error.value as Error" class="mt-3" />
    <template v-if="tablet.data.value && !tablet.data.value.on">
      <p class="mt-4 max-w-prose">This studio answers to this machine alone. To take it to the bench on a tablet or a phone:</p>
      <ol class="mt-2 max-w-prose list-decimal space-y-2 pl-6">
        <li>Stop it (Ctrl-C where it was started), and start it with <code class="bg-sheet px-1">./whorl start --lan</code>.</li>
        <li>Open the address that it tells, on this machine, and choose a passphrase.</li>
        <li>Come back to this page: it shows the address for the tablet as a code to scan.</li>
      </ol>
      <p class="mt-4 max-w-prose text-quiet">
        Until then nobody else on the network can reach it, and no passphrase is asked. Use a network that you trust; your work goes over it
        enciphered.
      </p>
    </template>
    <div v-else-if="tablet.data.value" class="mt-4 grid grid-cols-1 gap-8 md:grid-cols-[280px_minmax(0,1fr)]">
      <div>
        <img
          v-if="tablet.data.value.links.length"
          :src="CODE"
          alt="The address as a code to scan"
          class="w-full border border-line"
          data-code
        />
        <p v-for="link in tablet.data.value.links" :key="link" class="mt-2 text-lead break-all">{{ link }}</p>
        <p v-if="!tablet.data.value.links.length" role="alert">◆ This machine is on no network now.</p>
      </div>
      <div>
        <ol class="max-w-prose list-decimal space-y-3 pl-6 text-lead">
          <li>Bring the tablet onto the same home network.</li>
          <li>Scan the code with its camera, or type the address.</li>
          <li>
            Its browser does not know this studio’s certificate yet. Look at the certificate that it shows and compare its SHA-256:
            <code class="mt-1 block bg-sheet p-2 text-note break-all" data-fingerprint>{{ tablet.data.value.fingerprint }}</code>
            Go on only if it is the same.
          </li>
          <li>Say the passphrase. The tablet stays in until it was not used for a week, or you sign it out below.</li>
          <li>Open the order, then <em>Bench</em>.</li>
        </ol>
        <p v-for="notice in tablet.data.value.notices" :key="notice" role="status" class="mt-4 max-w-prose border border-line bg-sheet p-2">
          ◆ {{ notice }}
        </p>
        <h2 class="mt-6 border-b border-line pb-1 text-head">Devices</h2>
        <table v-if="tablet.data.value.devices.length" class="w-full max-w-prose" aria-label="Devices">
          <tbody>
            <tr v-for="device in tablet.data.value.devices" :key="device.id" class="border-t border-line" data-device>
              <td class="py-1">{{ device.what }}<span v-if="device.own" class="text-quiet"> · this one</span></td>
              <td class="text-quiet">{{ device.address }}</td>
              <td class="text-quiet">in since {{ readable(device.since) }}, here {{ readable(device.seen) }}</td>
              <td class="text-right">
                <button
                  type="button"
                  class="act-quiet"
                  :aria-label="`Sign out ${device.what}, ${device.address}`"
                  @click="signOut(device.id)"
                >
                  Sign out
                </button>
              </td>
            </tr>
          </tbody>
        </table>
        <form class="mt-6 grid max-w-prose grid-cols-2 items-end gap-3 border-t border-line pt-3" @submit.prevent="change">
          <label class="text-note text-quiet"
            >the passphrase now<input
              v-model="now"
              type="password"
              class="field text-body text-ink"
              autocomplete="current-password"
              required
          /></label>
          <label class="text-note text-quiet"
            >another<input
              v-model="next"
              type="password"
              class="field text-body text-ink"
              autocomplete="new-password"
              minlength="12"
              maxlength="72"
              required
          /></label>
          <p class="col-span-2"><button type="submit" class="act">Change the passphrase</button></p>
        </form>
        <p v-if="told" role="status" class="mt-2">{{ told }}</p>
        <ProblemNote v-if="fault" :error="fault as Error" class="mt-2" />
      </div>
    </div>
  </div>
</template>
