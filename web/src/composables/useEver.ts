import { ref, watch, type Ref } from 'vue'

/** Becomes true when something first is, and stays so: what is loaded only when it is first wanted is then kept. */
export const useEver = (is: () => boolean): Ref<boolean> => {
  const ever = ref(is())
  watch(is, (now) => (ever.value ||= now))
  return ever
}
