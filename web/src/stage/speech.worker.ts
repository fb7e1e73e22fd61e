import { ConsoleStdout, File, type Inode, OpenFile, PreopenDirectory, WASI } from '@bjorn3/browser_wasi_shim'

/** What the voice is called with, but for the file. */
export interface ToMake {
  id: string
  words: string[]
}

const MADE = 'speech.wav'
let voice: Promise<WebAssembly.Module> | null = null

/** Runs the voice once: each sentence has a machine of its own. */
const make = async (what: ToMake): Promise<Uint8Array<ArrayBuffer>> => {
  voice ??= WebAssembly.compileStreaming(fetch('/media/voice.wasm'))
  const folder = new Map<string, Inode>()
  const silent = () => ConsoleStdout.lineBuffered(() => undefined)
  const wasi = new WASI(
    [...what.words, '-o', `/said/${MADE}`],
    [],
    [new OpenFile(new File([])), silent(), silent(), new PreopenDirectory('/said', folder)],
  )
  const machine = await WebAssembly.instantiate(await voice, { wasi_snapshot_preview1: wasi.wasiImport })
  wasi.start(machine as unknown as Parameters<WASI['start']>[0])
  return new Uint8Array((folder.get(MADE) as File).data)
}

onmessage = async ({ data }: MessageEvent<ToMake>) => {
  const wav = await make(data).catch(() => {
    voice = null
    return new Uint8Array(0)
  })
  postMessage({ id: data.id, wav })
}
