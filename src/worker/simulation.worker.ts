import { expose } from 'comlink'
import { evaluate } from '@/core/sizing/evaluate'
import type { SimulationJobs } from './simulationJobs'

const jobs: SimulationJobs = { evaluate }

expose(jobs)
