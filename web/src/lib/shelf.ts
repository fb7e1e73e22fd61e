import { send } from '@/api/http'
import type { BroughtView } from '@/api/types'

const NAMES: Record<string, string> = { Figures: 'Moving pictures' }
/** How a folder is called on the page. */
export const folderName = (folder: string): string => NAMES[folder] ?? folder

/** A file that was dropped, and the folder in which it lay, empty text for none. */
export interface Dropped {
  file: File
  folder: string
}

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

const carry = async (method: string, place: Record<string, string>, file: File): Promise<BroughtView> => {
  const length = file.type.startsWith('video/') ? await measured(file) : 0
  const query = new URLSearchParams({ ...place, lengthMs: String(length) })
  return send<BroughtView>(method, `/shelf?${query}`, file, 'application/octet-stream')
}

/** Puts a file into a folder of the shelf; throws what refused it. */
export const bringFile = (folder: string, file: File): Promise<BroughtView> =>
  carry('POST', { folder, name: file.name }, file)

/** Puts a file where its content belongs; throws what refused it. @param sounds the folder for it where it is a sound */
export const bringAny = (sounds: string, file: File): Promise<BroughtView> =>
  carry('POST', { sounds, name: file.name }, file)

/** Puts another content in place of a file on the shelf, which keeps its name and its uses; throws what refused it. */
export const replaceFile = (folder: string, name: string, file: File): Promise<BroughtView> =>
  carry('PUT', { folder, name }, file)

/** The steps of a sound's drawing, 0 to 1. */
export const stepsOf = (drawing: string | null | undefined): number[] =>
  (drawing?.match(/../g) ?? []).map((each) => parseInt(each, 16) / 255)

/** A size as people read it. */
export const bytes = (count: number): string =>
  count < 1_000_000 ? `${Math.max(1, Math.round(count / 1_000))} kB` : `${(count / 1_000_000).toFixed(1)} MB`
