import {
  BookOpen,
  Clapperboard,
  Globe,
  Keyboard,
  Lamp,
  MessageSquare,
  Mic,
  RectangleHorizontal,
  Volume2,
} from '@lucide/vue'
import type { Lane } from '@/api/types'

/** The picture of each lane: never by colour alone. */
export const LANE_ICONS: Record<Lane, typeof Globe> = {
  screen: RectangleHorizontal,
  sound: Volume2,
  voice: Mic,
  chat: MessageSquare,
  mixer: Clapperboard,
  room: Lamp,
  keys: Keyboard,
  books: BookOpen,
  outside: Globe,
}
