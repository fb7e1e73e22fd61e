import { ConsoleStdout, File, type Inode, OpenFile, PreopenDirectory, WASI } from '@bjorn3/browser_wasi_shim'

/** What is to be said, and in which voice. */
export interface ToMake {
  id: string
  text: string
  voice: string
  speed: number
  pitch: number
}

/** What the voices' own pitch is, in hertz. */
const PITCH: Record<string, number> = { slt: 170, rms: 98 }
const MADE = 'speech.wav'
let voice: Promise<WebAssembly.Module> | null = null

/** Runs the voice once: each sentence has a machine of its own. */
const make = async (what: ToMake): Promise<Uint8Array<ArrayBuffer>> => {
  voice ??= WebAssembly.compileStreaming(fetch('/media/voice.wasm'))
  const folder = new Map<string, Inode>()
  const words = [
    'flite',
    '-voice',
    what.voice,
    '--setf',
    `duration_stretch=${(100 / what.speed).toFixed(3)}`,
    '--setf',
    `int_f0_target_mean=${(((PITCH[what.voice] ?? 100) * what.pitch) / 100).toFixed(1)}`,
    '-t',
    what.text,
    '-o',
    `/said/${MADE}`,
  ]
  const silent = () => ConsoleStdout.lineBuffered(() => undefined)
  const wasi = new WASI(
    words,
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
