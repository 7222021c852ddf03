'use client'
import Accordion from '@mui/material/Accordion'
import AccordionDetails from '@mui/material/AccordionDetails'
import AccordionSummary from '@mui/material/AccordionSummary'
import { FileButton } from '@/ui/field/FileButton'
import Checkbox from '@mui/material/Checkbox'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { equipmentBase } from '@/catalog/equipmentBase'
import { LIMITS } from '@/core/plan/limits'
import { formatEnergy, formatNumber, formatWatts } from '@/words/format'
import { EQUIPMENT_COLUMNS, type EquipmentRow } from '@/core/storage/equipmentCells'
import { mergedEquipment } from '@/core/storage/mergedEquipment'
import { equipmentOfRows, rowsOfEquipment } from '@/core/storage/equipmentRows'
import { addPowerSystem, freshId, freshName, keepEquipment } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { rich } from '@/ui/rich'
import { notify } from '@/ui/shell/notify'
import { saveText } from '@/ui/keep/saveText'
import { ownEquipment } from '@/words/en/pages/equipment'
import { useUnits } from '@/ui/field/units'
import { saySheet } from '@/words/reading/saySheet'
import { wordsOf } from '@/words/translate'

const say = wordsOf(ownEquipment)

const NOTHING: never[] = []
const MOST_BYTES = 2_000_000

/** A line of a file that was left out, in words. */
interface SaidRow {
  line: number
  message: string
}

/** The household's own equipment beside the catalogue, in and out as a table. */
export function OwnEquipment() {
  const units = useUnits()
  const store = useHouseholdStore()
  const equipment = useHousehold(({ household }) => household.equipment) ?? NOTHING
  const systems = useHousehold(({ household }) => household.powerSystems)
  const [refused, setRefused] = useState<SaidRow[]>([])
  const [said, setSaid] = useState('')
  const { edit } = store.getState()

  const read = async (file: File) => {
    if (file.size > MOST_BYTES) {
      setSaid('')
      return setRefused([{ line: 0, message: say('theFileIsLargerThan2') }])
    }
    const { default: Papa } = await import('papaparse')
    const { data } = Papa.parse<EquipmentRow>(await file.text(), {
      header: true,
      skipEmptyLines: 'greedy',
      transformHeader: (header) => header.trim().toLowerCase(),
    })
    const found = equipmentOfRows(data, equipmentBase())
    // a file read again renews what has the same name, and adds the rest
    const { next, added, renewed } = mergedEquipment(equipment, found.equipment)
    const room = LIMITS.equipment - equipment.length
    if (added + renewed > 0) edit(keepEquipment(next.slice(0, LIMITS.equipment)))
    setSaid(
      say('added', {
        added: Math.min(added, room),
        renewed: renewed > 0 ? say('ofTheSameNameRenewed', { renewed }) : '',
      }),
    )
    setRefused([
      ...found.refused.map(({ line, message }) => ({ line, message: saySheet(message, units) })),
      ...(added > room
        ? [{ line: 0, message: say('piecesAtMostTheRestWas', { equipment: LIMITS.equipment }) }]
        : []),
      ...(data.length === 0
        ? [{ line: 1, message: say('noRowsTheHeaderIs', { equipmentcolumns: EQUIPMENT_COLUMNS.join(',') }) }]
        : []),
    ])
  }
  const write = async () => {
    const { default: Papa } = await import('papaparse')
    const text = Papa.unparse(rowsOfEquipment(equipment), {
      columns: [...EQUIPMENT_COLUMNS],
      // a name that begins like a formula must not be one in a spreadsheet
      escapeFormulae: true,
    })
    saveText('equipment.csv', 'text/csv', `${text}\r\n`)
  }
  return (
    <section className="section" aria-label={say('yourOwnEquipment')}>
      <h2>{say('yourOwnEquipment')}</h2>
      <p className="hint">{say('whatYouOwnOrHaveLookedAt')}</p>
      {equipment.length > 0 && (
        <div className="scroll-x">
          <Table>
            <TableHead>
              <TableRow>
                <TableCell scope="col">{say('name')}</TableCell>
                <TableCell scope="col">{say('stored')}</TableCell>
                <TableCell scope="col">{say('watts')}</TableCell>
                <TableCell scope="col">{say('price')}</TableCell>
                <TableCell scope="col">{say('owned')}</TableCell>
                <TableCell scope="col">
                  <span className="visually-hidden">{say('actions')}</span>
                </TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {equipment.map((item) => (
                <TableRow key={item.id}>
                  <TableCell component="th" scope="row" dir="auto">
                    {item.source.name}
                  </TableCell>
                  <TableCell>{formatEnergy(item.source.capacityWh.value)}</TableCell>
                  <TableCell>{formatWatts(item.source.continuousW.value)}</TableCell>
                  <TableCell>{item.source.price === null ? '–' : formatNumber(item.source.price)}</TableCell>
                  <TableCell>
                    <Checkbox
                      size="small"
                      slotProps={{ input: { 'aria-label': say('isYours', { source: item.source.name }) } }}
                      checked={item.owned}
                      onChange={(event) =>
                        edit(
                          keepEquipment(
                            equipment.map((one) =>
                              one.id === item.id ? { ...one, owned: event.target.checked } : one,
                            ),
                          ),
                        )
                      }
                    />
                  </TableCell>
                  <TableCell>
                    <Button
                      variant="text"
                      disabled={systems.length >= LIMITS.powerSystems}
                      onClick={() => {
                        const name = freshName(item.source.name, systems)
                        edit(
                          addPowerSystem({
                            id: freshId(name, systems),
                            name,
                            sources: [{ ...structuredClone(item.source), id: 'main' }],
                            note: item.note,
                          }),
                        )
                        notify(say('addedToTheOptions', { name }), store.getState().household)
                      }}
                    >
                      {say('asAnOption')}
                    </Button>{' '}
                    <Button
                      variant="text"
                      onClick={() => edit(keepEquipment(equipment.filter(({ id }) => id !== item.id)))}
                    >
                      {say('remove')}
                    </Button>
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </div>
      )}
      <div className="in-line">
        <FileButton words={say('readACsvFile')} accept=".csv,text/csv" onFile={(file) => void read(file)} />
        {equipment.length > 0 && (
          <Button variant="text" onClick={() => void write()}>
            {say('writeACsvFile')}
          </Button>
        )}
        <span aria-live="polite">{said}</span>
      </div>
      <Accordion>
        <AccordionSummary>{say('whatACsvFileNeeds')}</AccordionSummary>
        <AccordionDetails className="hint">
          {rich(say, 'aFirstLineWithTheNames', {
            equipmentcolumns: EQUIPMENT_COLUMNS.slice(0, 4).join(', '),
            code: (text) => <code>{text}</code>,
            equipmentcolumns2: EQUIPMENT_COLUMNS.slice(4, 12).join(', '),
            code2: (text) => <code>{text}</code>,
            equipmentcolumns3: EQUIPMENT_COLUMNS.slice(12).join(', '),
            code3: (text) => <code>{text}</code>,
          })}
        </AccordionDetails>
      </Accordion>
      {refused.length > 0 && (
        <div role="alert" className="fault" data-testid="equipment-refused">
          <ul>
            {refused.map(({ line, message }) => (
              <li key={`${line} ${message}`}>
                {line > 0 ? say('line', { line }) : ''}
                {message}.
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  )
}
