import { readonly, ref, watch, type Ref } from 'vue'

/** Whether something is so, or has been before. */
export function useEver(isSo: () => boolean): Readonly<Ref<boolean>> {
  const ever = ref(isSo())
  watch(isSo, (now) => (ever.value ||= now))
  return readonly(ever)
}
