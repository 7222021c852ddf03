'use client'
import { type ReactNode, createContext, useContext, useMemo } from 'react'

interface Scope {
  /** tells the fields of one thing from those of another of its kind */
  id: string
  /** how the thing is called, for notices that stand elsewhere; empty for the page itself */
  name: string
}

const Context = createContext<Scope>({ id: '', name: '' })

/** What the fields below belong to: a load, a source, an outage. What was typed in one is kept under its name. */
export function FieldScope({ id, name, children }: Scope & { children: ReactNode }) {
  const scope = useMemo(() => ({ id, name }), [id, name])
  return <Context.Provider value={scope}>{children}</Context.Provider>
}

export const useFieldScope = (): Scope => useContext(Context)
