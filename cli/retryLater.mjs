import { wordsOf } from './words.mjs'

const words = wordsOf('page')
const RETRY_AFTER_S = 5

/**
 * Makes of an answer that failed, because the database hangs or something broke, one to come back for: 503 with the seconds, and of
 * a page one in words, since what the framework sends then says nothing where no script runs.
 */
export function retryLater(request, response) {
  const { write, end, writeHead } = response
  const isPage = !request.url.startsWith('/api/') && request.headers.rsc === undefined
  let isSaid = false
  const takesOver = () => {
    if (isSaid || response.statusCode !== 500 || response.headersSent) return isSaid
    response.statusCode = 503
    response.setHeader('Retry-After', RETRY_AFTER_S)
    if (!isPage) return false
    for (const name of ['Content-Length', 'ETag', 'Link']) response.removeHeader(name)
    response.setHeader('Content-Type', 'text/html; charset=utf-8')
    response.setHeader('Cache-Control', 'no-store')
    isSaid = true
    end.call(response, PAGE)
    return true
  }
  response.write = (...args) => takesOver() || write.apply(response, args)
  response.end = (...args) => (takesOver() ? response : end.apply(response, args))
  response.writeHead = (status, ...rest) => {
    if (status !== 500) return writeHead.call(response, status, ...rest)
    // said with the first that is written
    response.statusCode = status
    return response
  }
}

const PAGE = `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><meta http-equiv="refresh" content="${RETRY_AFTER_S}"><title>Yotrope</title></head><body><main><h1>${words('couldNotBeShown')}</h1><p>${words('databaseMayNotAnswer')}</p><p><a href="">${words('tryAgain')}</a></p></main></body></html>`
