'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import List from '@mui/material/List'
import ListItem from '@mui/material/ListItem'
import ListItemText from '@mui/material/ListItemText'
import Typography from '@mui/material/Typography'
import { useEffect, useState } from 'react'
import { rich } from '@/ui/rich'
import { recoveryPanel } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'
import { call } from './call'
import { momentWords } from './moment'

const say = wordsOf(recoveryPanel)

interface Code {
  id: string
  createdAt: string
  usedAt: string | null
  /** others who opened the household by it and still have it */
  opened: { openedAt: string; seenAt: string | null }[]
}
interface Made {
  code: string
  link: string
  picture: string | null
  isHere: boolean
}

/** Codes that open the household on another device: made, shown once, listed, revoked. */
export function RecoveryPanel() {
  const householdId = useHousehold((state) => state.householdId)
  const path = `/api/households/${householdId}/codes`
  const [codes, setCodes] = useState<Code[] | null>(null)
  const [made, setMade] = useState<Made | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const [asked, setAsked] = useState<string | null>(null)
  const [round, setRound] = useState(0)
  const load = () => setRound((before) => before + 1)
  useEffect(() => {
    void call<{ codes: Code[] }>('GET', path).then((answer) =>
      answer.ok ? setCodes(answer.body.codes) : setTrouble(answer.message),
    )
  }, [path, round])
  const make = async () => {
    setTrouble(null)
    const answer = await call<{ code: string; origin: string }>('POST', path)
    if (!answer.ok) return setTrouble(answer.message)
    const { code, origin } = answer.body
    // behind the hash it reaches neither server nor log
    const link = `${origin}/open#${code}`
    const picture = await import('qrcode')
      .then(({ toDataURL }) => toDataURL(link, { margin: 1, width: 180 }))
      .catch(() => null)
    setMade({ code, link, picture, isHere: /\/\/(127\.|localhost|\[::1\])/.test(origin) })
    load()
  }
  const revoke = async ({ id, opened }: Code, how: 'asked' | 'code' | 'access') => {
    // who has it by this code keeps it unless that is said
    if (how === 'asked' && opened.length > 0) return setAsked(id)
    const answer = await call('DELETE', `${path}/${id}${how === 'access' ? '?ends=access' : ''}`)
    if (!answer.ok) setTrouble(answer.message)
    setAsked(null)
    setMade(null)
    load()
  }
  return (
    <>
      <Typography sx={{ mb: 2 }}>{say('whoeverHasTheCodeCanSee')}</Typography>
      {trouble && <Alert severity="error">{trouble}</Alert>}
      {made && (
        <Alert severity="success" icon={false} sx={{ my: 1 }}>
          <Typography
            component="p"
            data-testid="recovery-code"
            sx={{ fontSize: 22, fontWeight: 700, fontVariantNumeric: 'tabular-nums' }}
          >
            {made.code}
          </Typography>
          <Typography component="p" variant="body2" sx={{ overflowWrap: 'anywhere' }}>
            {made.link}
          </Typography>
          {made.isHere && (
            <Typography component="p" variant="body2">
              {say('thisAddressIsOfThisComputer')}
            </Typography>
          )}
          {made.picture && (
            // the picture is made in this browser
            // eslint-disable-next-line @next/next/no-img-element
            <img src={made.picture} width={180} height={180} alt={say('theLinkAsAQrCode')} />
          )}
          <Typography component="p" variant="body2">
            {rich(say, 'itIsShownThisOnceAfterwards', { b: (text) => <b>{text}</b> })}
          </Typography>
          <Button onClick={() => navigator.clipboard?.writeText(made.code)}>{say('copyTheCode')}</Button>
        </Alert>
      )}
      <Button variant="contained" color="primary" onClick={make}>
        {say('makeACode')}
      </Button>
      <List dense aria-label={say('codesOfThisHousehold')}>
        {(codes ?? []).map((code) => (
          <ListItem
            key={code.id}
            disableGutters
            divider
            secondaryAction={
              asked !== code.id && <Button onClick={() => revoke(code, 'asked')}>{say('revoke')}</Button>
            }
            sx={{ display: 'block' }}
          >
            <ListItemText
              primary={say('made', { momentWords: momentWords(code.createdAt) })}
              secondary={
                code.usedAt ? say('lastUsed', { momentWords: momentWords(code.usedAt) }) : say('neverUsed')
              }
            />
            {asked === code.id && (
              <div role="group" aria-label={say('whoOpenedIt')}>
                <Typography variant="body2">
                  {say('itOpenedItFor', { others: code.opened.length })}
                </Typography>
                <ul>
                  {code.opened.map(({ openedAt, seenAt }) => (
                    <li key={openedAt}>
                      {say('openedAndSeen', {
                        opened: momentWords(openedAt),
                        seen: seenAt ? momentWords(seenAt) : say('notSince'),
                      })}
                    </li>
                  ))}
                </ul>
                <Button onClick={() => revoke(code, 'access')}>{say('revokeAndEndAccess')}</Button>
                <Button onClick={() => revoke(code, 'code')}>{say('revokeTheCodeAlone')}</Button>
                <Button onClick={() => setAsked(null)}>{say('keepTheCode')}</Button>
              </div>
            )}
          </ListItem>
        ))}
      </List>
      {codes?.length === 0 && <Typography variant="body2">{say('noCodeYet')}</Typography>}
    </>
  )
}
