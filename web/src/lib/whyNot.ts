import { ref } from 'vue'

/** What was pressed and cannot be had, in words; empty text for nothing. @param missing why each kind cannot be had, by its name; none where it can */
export const useWhyNot = (missing: () => Record<string, string>) => {
  const why = ref('')
  /** Whether it can be had; where it cannot, why is told from now on. */
  const may = ({ name, title }: { name: string; title: string }) => {
    const no = missing()[name]
    why.value = no ? `${title}: ${no}.` : ''
    return !no
  }
  return { why, may }
}
