'use client'
import { createContext, useContext } from 'react'
import { UNITS_OF, type Units } from '@/core/quantity/units'

/** The units that fields are shown in; metric where no household is open. */
export const UnitsContext = createContext<Units>(UNITS_OF.metric)

export const useUnits = (): Units => useContext(UnitsContext)
