import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, jest, test } from '@jest/globals'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { headOf, readingAt } from '../../../tests/calibration/runs/runOf'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { RunDevice } from './runDevice'
import { syncRun } from './syncRun'

const plan = planWith([loadOf(constant(90))])
const head = headOf(plan)

/** A server in memory: entries by id, in the order they came. */
function serverOf() {
  const kept = { head: null as RunHead | null, entries: [] as Entry[], posts: 0, isDown: false, aPage: 1000 }
  const answer = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status })
  const send = async (url: string, init?: RequestInit): Promise<Response> => {
    if (kept.isDown) throw new TypeError('no connection')
    const body = init?.body ? (JSON.parse(init.body as string) as RunHead & { entries: Entry[] }) : null
    if (url.endsWith('/entries')) {
      kept.posts++
      for (const entry of body!.entries)
        if (!kept.entries.some(({ id }) => id === entry.id)) kept.entries.push(entry)
      return answer({})
    }
    if (body) {
      kept.head = body
      return answer({}, 201)
    }
    if (!kept.head) return answer({ error: {} }, 404)
    const after = Number(new URL(url, 'http://here').searchParams.get('after') ?? 0)
    const isFirst = !url.includes('after=')
    const entries = kept.entries.slice(after, after + kept.aPage)
    return answer({
      ...(isFirst && { head: kept.head }),
      entries,
      sequence: after + entries.length,
      hasMore: entries.length === kept.aPage,
      now: new Date().toISOString(),
    })
  }
  return { kept, send: send as typeof fetch }
}

let devices = 0
const newDevice = () => new RunDevice(`device-${devices++}`)
const ids = async (device: RunDevice) => (await device.entriesOf('h', head.id)).map(({ id }) => id).sort()

describe('what was written down, between devices and the server', () => {
  let server: ReturnType<typeof serverOf>
  beforeEach(() => {
    server = serverOf()
  })

  test('without a connection it stays on the device, and is sent when it is back; never twice', async () => {
    const phone = newDevice()
    await phone.begin('h', head)
    const entries = [0, 30, 60].map((minute) => readingAt(plan, minute, { chargeFraction: 1 - minute / 500 }))
    for (const entry of entries) await phone.add('h', head.id, entry)
    server.kept.isDown = true
    expect((await syncRun(phone, 'h', head.id, server.send)).state).toEqual({ kind: 'waiting' })
    expect(await ids(phone)).toHaveLength(3)
    server.kept.isDown = false
    expect((await syncRun(phone, 'h', head.id, server.send)).state).toEqual({ kind: 'saved' })
    expect(server.kept.entries.map(({ id }) => id).sort()).toEqual(entries.map(({ id }) => id).sort())
    await syncRun(phone, 'h', head.id, server.send)
    expect(server.kept.posts).toBe(1)
    expect((await phone.entriesOf('h', head.id)).every(({ unsent }) => !unsent)).toBe(true)
  })

  test('a log longer than a page is taken page by page, and what came later too', async () => {
    const one = newDevice()
    const two = newDevice()
    await one.begin('h', head)
    const add = async (from: number, to: number) => {
      for (let k = from; k < to; k++)
        await one.add('h', head.id, readingAt(plan, k, { chargeFraction: 1 - k / 500 }))
      await syncRun(one, 'h', head.id, server.send)
    }
    server.kept.aPage = 4
    await add(0, 11)
    expect((await syncRun(two, 'h', head.id, server.send)).state).toEqual({ kind: 'saved' })
    expect(await ids(two)).toEqual(await ids(one))
    await add(11, 20)
    await syncRun(two, 'h', head.id, server.send)
    expect(await ids(two)).toHaveLength(20)
  })

  test('a second phone takes the run and its entries, and each sees the other’s', async () => {
    const one = newDevice()
    const two = newDevice()
    await one.begin('h', head)
    await one.add('h', head.id, readingAt(plan, 0, { chargeFraction: 1 }))
    await syncRun(one, 'h', head.id, server.send)
    await syncRun(two, 'h', head.id, server.send)
    expect((await two.run('h', head.id))?.head).toEqual(head)
    await two.add('h', head.id, readingAt(plan, 45, { chargeFraction: 0.9 }))
    await syncRun(two, 'h', head.id, server.send)
    await syncRun(one, 'h', head.id, server.send)
    expect(await ids(one)).toEqual(await ids(two))
    expect(await ids(one)).toHaveLength(2)
  })

  test('a run that was deleted elsewhere is told; what the server refuses stays here and is told', async () => {
    const phone = newDevice()
    expect((await syncRun(phone, 'h', 'none', server.send)).state).toEqual({ kind: 'gone' })
    await phone.begin('h', head)
    const full = (async () =>
      new Response(JSON.stringify({ error: { message: 'Full.' } }), {
        status: 409,
      })) as unknown as typeof fetch
    expect((await syncRun(phone, 'h', head.id, full)).state).toEqual({ kind: 'refused', message: 'Full.' })
    expect(await phone.run('h', head.id)).toMatchObject({ isSent: false })
  })

  test('an answer that never comes is given up, and what was written down goes later', async () => {
    const phone = newDevice()
    await phone.begin('h', head)
    await phone.add('h', head.id, readingAt(plan, 0, { chargeFraction: 1 }))
    const timeout = jest.spyOn(AbortSignal, 'timeout').mockReturnValue(AbortSignal.abort())
    // a line that is dead: it answers nothing, and ends only when it is given up
    const dead = ((_: string, init?: RequestInit) =>
      new Promise((_done, failed) => {
        if (init?.signal?.aborted) failed(init.signal.reason)
      })) as unknown as typeof fetch
    expect((await syncRun(phone, 'h', head.id, dead)).state).toEqual({ kind: 'waiting' })
    timeout.mockRestore()
    expect((await syncRun(phone, 'h', head.id, server.send)).state).toEqual({ kind: 'saved' })
  })

  test('a photo goes before its entry, once; leaving removes everything of a household from the device, and of no other', async () => {
    const phone = newDevice()
    const photo: Entry = {
      ...(readingAt(plan, 5, {}) as Entry),
      kind: 'photo',
      bytes: 4,
      widthPx: 1,
      heightPx: 1,
    } as Entry
    for (const household of ['h', 'other']) {
      await phone.begin(household, head)
      await phone.addPhoto(household, head.id, photo, new Blob(['jpeg']))
    }
    const sent: string[] = []
    const send = ((url: string, init?: RequestInit) => {
      if (init?.method) sent.push(`${init.method} ${url.replace(/^.*\/runs/, '')}`)
      return init?.method === 'PUT' ? Promise.resolve(new Response('{}')) : server.send(url, init)
    }) as typeof fetch
    await syncRun(phone, 'h', head.id, send)
    await syncRun(phone, 'h', head.id, send)
    expect(sent).toEqual(['POST ', `PUT /${head.id}/photos/${photo.id}`, `POST /${head.id}/entries`])
    await phone.forget('h')
    const left = (household: string) =>
      Promise.all([phone.run(household, head.id), phone.photo(household, head.id, photo.id)])
    expect(await left('h')).toEqual([undefined, null])
    expect((await left('other'))[0]).toBeDefined()
    expect(await phone.entriesOf('other', head.id)).toHaveLength(1)
    await phone.forget()
    expect(await phone.entriesOf('other', head.id)).toHaveLength(0)
  })
})
