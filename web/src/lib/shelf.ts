import { send } from '@/api/http'
import type { BroughtView } from '@/api/types'

/** The folders of what is seen; sounds lie in any other. */
export const SEEN = ['Pictures', 'Videos', 'Figures'] as const
const NAMES: Record<string, string> = { Figures: 'Moving pictures' }
/** How a folder is called on the page. */
export const folderName = (folder: string): string => NAMES[folder] ?? folder

/** A file that was dropped, and the folder in which it lay, empty text for none. */
export interface Dropped {
  file: File
  folder: string
}

const SOUND = /\.(wav|flac|mp3|ogg|oga|opus)$/i
/** The folder for a file by what it says of itself; the server looks at its content and has the last word. */
export const folderFor = (file: File, sounds: string): string =>
  SOUND.test(file.name) || file.type.startsWith('audio/')
    ? (SEEN as readonly string[]).includes(sounds) || !sounds
      ? 'Sounds'
      : sounds
    : file.type.startsWith('video/') || /\.(webm|mp4)$/i.test(file.name)
      ? 'Videos'
      : /\.json$/i.test(file.name)
        ? 'Figures'
        : file.type.startsWith('image/') || /\.svg$/i.test(file.name)
          ? 'Pictures'
          : sounds || 'Sounds'

const entries = (folder: FileSystemDirectoryEntry): Promise<FileSystemEntry[]> => {
  const reader = folder.createReader()
  const all: FileSystemEntry[] = []
  return new Promise((done, failed) => {
    // A reader tells a hundred at a time, and none when it is through.
    const more = () => reader.readEntries((some) => (some.length ? (all.push(...some), more()) : done(all)), failed)
    more()
  })
}
const within = async (entry: FileSystemEntry, folder: string): Promise<Dropped[]> => {
  if (entry.isFile) {
    const file = await new Promise<File>((done, failed) => (entry as FileSystemFileEntry).file(done, failed))
    return file.name.startsWith('.') ? [] : [{ file, folder }]
  }
  const inside = await entries(entry as FileSystemDirectoryEntry)
  return (await Promise.all(inside.map((each) => within(each, entry.name)))).flat()
}

/** The files of a drop, those of folders with them, in the order of their names. */
export const dropped = async (transfer: DataTransfer): Promise<Dropped[]> => {
  const found = [...transfer.items].map((each) => each.webkitGetAsEntry?.() ?? null)
  const all = found.some(Boolean)
    ? (await Promise.all(found.map((each) => (each ? within(each, '') : [])))).flat()
    : [...transfer.files].map((file) => ({ file, folder: '' }))
  return all.sort((one, other) => one.file.name.localeCompare(other.file.name, 'en', { numeric: true }))
}

/** How long a video is in ms, as this browser plays it; 0 where it cannot tell. */
const measured = (file: File): Promise<number> =>
  new Promise((known) => {
    const video = document.createElement('video')
    const address = URL.createObjectURL(file)
    const done = (ms: number) => {
      URL.revokeObjectURL(address)
      known(Number.isFinite(ms) ? Math.round(ms) : 0)
    }
    video.onloadedmetadata = () => done(video.duration * 1_000)
    video.onerror = () => done(0)
    video.src = address
  })

const carry = async (method: string, folder: string, name: string, file: File): Promise<BroughtView> => {
  const length = folder === 'Videos' ? await measured(file) : 0
  return send<BroughtView>(
    method,
    `/shelf?folder=${encodeURIComponent(folder)}&name=${encodeURIComponent(name)}&lengthMs=${length}`,
    file,
    'application/octet-stream',
  )
}

/** Puts a file on the shelf; throws what refused it. */
export const bringFile = (folder: string, file: File): Promise<BroughtView> => carry('POST', folder, file.name, file)

/** Puts another content in place of a file on the shelf, which keeps its name and its uses; throws what refused it. */
export const replaceFile = (folder: string, name: string, file: File): Promise<BroughtView> =>
  carry('PUT', folder, name, file)

/** The steps of a sound's drawing, 0 to 1. */
export const stepsOf = (drawing: string | null | undefined): number[] =>
  (drawing?.match(/../g) ?? []).map((each) => parseInt(each, 16) / 255)

/** A size as people read it. */
export const bytes = (count: number): string =>
  count < 1_000_000 ? `${Math.max(1, Math.round(count / 1_000))} kB` : `${(count / 1_000_000).toFixed(1)} MB`
