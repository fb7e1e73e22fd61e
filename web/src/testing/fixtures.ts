import type { Fixture } from '@/api/types'
import MADE from './fixtures.json'

/** A fixture of each kind, as the server makes it. */
export const FIXTURES = MADE as unknown as { [K in Fixture['kind']]: Extract<Fixture, { kind: K }> }
