import {
  bigint,
  boolean,
  customType,
  datetime,
  double,
  foreignKey,
  index,
  int,
  mysqlTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core'

/** A JSON document. MariaDB keeps it as checked text and hands it back as text. */
const json = customType<{ data: unknown; driverData: string }>({
  dataType: () => 'json',
  toDriver: (value) => JSON.stringify(value),
  fromDriver: (text) => (typeof text === 'string' ? JSON.parse(text) : text),
})

/** An id of a part of a household, as its maker wrote it: capitals count. */
const partId = customType<{ data: string }>({
  dataType: () => 'varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin',
})

/** A document of up to 16 MB. */
const longText = customType<{ data: string }>({ dataType: () => 'mediumtext' })
/** A picture, up to 16 MB. */
const picture = customType<{ data: Buffer }>({ dataType: () => 'mediumblob' })

/** Visitors, sessions and accounts: the tables the session library keeps. */
const uid = (name: string) => varchar(name, { length: 64 })

export const user = mysqlTable('user', {
  id: uid('id').primaryKey(),
  name: varchar('name', { length: 255 }).notNull(),
  email: varchar('email', { length: 255 }).notNull().unique(),
  emailVerified: boolean('email_verified').notNull().default(false),
  image: text('image'),
  createdAt: timestamp('created_at', { fsp: 3 }).notNull().defaultNow(),
  updatedAt: timestamp('updated_at', { fsp: 3 }).notNull().defaultNow(),
  isAnonymous: boolean('is_anonymous').default(false),
})

export const session = mysqlTable(
  'session',
  {
    id: uid('id').primaryKey(),
    expiresAt: timestamp('expires_at', { fsp: 3 }).notNull(),
    token: varchar('token', { length: 255 }).notNull().unique(),
    createdAt: timestamp('created_at', { fsp: 3 }).notNull().defaultNow(),
    updatedAt: timestamp('updated_at', { fsp: 3 }).notNull().defaultNow(),
    ipAddress: varchar('ip_address', { length: 64 }),
    userAgent: text('user_agent'),
    userId: uid('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
  },
  (table) => [index('session_user').on(table.userId)],
)

export const account = mysqlTable(
  'account',
  {
    id: uid('id').primaryKey(),
    accountId: varchar('account_id', { length: 255 }).notNull(),
    providerId: varchar('provider_id', { length: 255 }).notNull(),
    userId: uid('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    accessToken: text('access_token'),
    refreshToken: text('refresh_token'),
    idToken: text('id_token'),
    accessTokenExpiresAt: timestamp('access_token_expires_at', { fsp: 3 }),
    refreshTokenExpiresAt: timestamp('refresh_token_expires_at', { fsp: 3 }),
    scope: text('scope'),
    password: text('password'),
    createdAt: timestamp('created_at', { fsp: 3 }).notNull().defaultNow(),
    updatedAt: timestamp('updated_at', { fsp: 3 }).notNull().defaultNow(),
  },
  (table) => [index('account_user').on(table.userId)],
)

export const verification = mysqlTable(
  'verification',
  {
    id: uid('id').primaryKey(),
    identifier: varchar('identifier', { length: 255 }).notNull(),
    value: text('value').notNull(),
    expiresAt: timestamp('expires_at', { fsp: 3 }).notNull(),
    createdAt: timestamp('created_at', { fsp: 3 }).notNull().defaultNow(),
    updatedAt: timestamp('updated_at', { fsp: 3 }).notNull().defaultNow(),
  },
  (table) => [index('verification_identifier').on(table.identifier)],
)

/** A household. `version` counts its saves: a save that names an older one is refused. */
export const households = mysqlTable('households', {
  id: uid('id').primaryKey(),
  version: int('version').notNull().default(1),
  /** of the document its parts make; 0: of a release that wrote none */
  documentVersion: int('document_version').notNull().default(0),
  /** a copy of the sample that nobody changed: it has no parts of its own, and is cleaned up after a week */
  isPristine: boolean('is_pristine').notNull().default(false),
  profile: json('profile').notNull(),
  /** what the household has or looked at beside the catalogue */
  equipment: json('equipment'),
  /** panels, generator, car */
  refill: json('refill'),
  /** how things are connected, what suffers without power, findings answered */
  wiring: json('wiring'),
  chosenScenarioId: partId('chosen_scenario_id').notNull(),
  chosenPowerSystemId: partId('chosen_power_system_id').notNull(),
  createdAt: datetime('created_at', { fsp: 3 }).notNull(),
  savedAt: datetime('saved_at', { fsp: 3 }).notNull(),
})

/** Who may see and change a household. */
export const householdMembers = mysqlTable(
  'household_members',
  {
    householdId: uid('household_id')
      .notNull()
      .references(() => households.id, { onDelete: 'cascade' }),
    userId: uid('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    role: varchar('role', { length: 16, enum: ['owner'] }).notNull(),
    /** the code by which the household was opened to them, and when; null for who made it */
    openedByCode: uid('opened_by_code'),
    openedAt: datetime('opened_at', { fsp: 3 }),
  },
  (table) => [
    primaryKey({ columns: [table.householdId, table.userId] }),
    index('member_user').on(table.userId),
  ],
)

const ofHousehold = () => ({
  householdId: uid('household_id')
    .notNull()
    .references(() => households.id, { onDelete: 'cascade' }),
  id: partId('id').notNull(),
  position: int('position').notNull(),
  name: varchar('name', { length: 80 }).notNull(),
  note: text('note').notNull(),
})

export const scenarios = mysqlTable(
  'scenarios',
  {
    ...ofHousehold(),
    startsAt: varchar('starts_at', { length: 16 }).notNull(),
    durationH: double('duration_h').notNull(),
    carriedTiers: varchar('carried_tiers', { length: 16 }).notNull(),
    confidence: double('confidence').notNull(),
    place: json('place').notNull(),
    outdoor: json('outdoor').notNull(),
    indoorC: double('indoor_c').notNull().default(20),
    rain: varchar('rain', { length: 16 }).notNull().default('dry'),
    sky: json('sky'),
    charging: json('charging'),
    away: json('away').notNull(),
    asleep: json('asleep').notNull(),
  },
  (table) => [primaryKey({ columns: [table.householdId, table.id] })],
)

export const loads = mysqlTable(
  'loads',
  {
    ...ofHousehold(),
    volts: int('volts').notNull(),
    leg: varchar('leg', { length: 8 }).notNull(),
    medical: boolean('medical').notNull(),
    start: json('start'),
    behaviour: json('behaviour').notNull(),
    /** how many equal things the row stands for; null for one */
    count: int('count'),
    /** what is printed on it, as it was typed */
    label: json('label'),
  },
  (table) => [primaryKey({ columns: [table.householdId, table.id] })],
)

/** How a load stands in a scenario: switched on or off, and its tier. */
export const standings = mysqlTable(
  'standings',
  {
    householdId: uid('household_id').notNull(),
    scenarioId: partId('scenario_id').notNull(),
    loadId: partId('load_id').notNull(),
    isOn: boolean('is_on').notNull(),
    tier: varchar('tier', { length: 16 }).notNull(),
    steering: json('steering'),
  },
  (table) => [
    primaryKey({ columns: [table.householdId, table.scenarioId, table.loadId] }),
    foreignKey({
      name: 'standing_scenario',
      columns: [table.householdId, table.scenarioId],
      foreignColumns: [scenarios.householdId, scenarios.id],
    }).onDelete('cascade'),
    foreignKey({
      name: 'standing_load',
      columns: [table.householdId, table.loadId],
      foreignColumns: [loads.householdId, loads.id],
    }).onDelete('cascade'),
    index('standing_of_load').on(table.householdId, table.loadId),
  ],
)

export const powerSystems = mysqlTable(
  'power_systems',
  { ...ofHousehold(), shown: varchar('shown', { length: 16 }) },
  (table) => [primaryKey({ columns: [table.householdId, table.id] })],
)

/** The sources of a power system, in order; quantities stay documents, what is asked for often is a column. */
export const sources = mysqlTable(
  'sources',
  {
    householdId: uid('household_id').notNull(),
    powerSystemId: partId('power_system_id').notNull(),
    id: partId('id').notNull(),
    position: int('position').notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    kind: varchar('kind', { length: 16 }).notNull(),
    capacityWh: double('capacity_wh').notNull(),
    spec: json('spec').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.householdId, table.powerSystemId, table.id] }),
    foreignKey({
      name: 'source_power_system',
      columns: [table.householdId, table.powerSystemId],
      foreignColumns: [powerSystems.householdId, powerSystems.id],
    }).onDelete('cascade'),
  ],
)

/** Which source of a power system a load hangs on, where that is not the first. */
export const loadSources = mysqlTable(
  'load_sources',
  {
    householdId: uid('household_id').notNull(),
    powerSystemId: partId('power_system_id').notNull(),
    loadId: partId('load_id').notNull(),
    sourceId: partId('source_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.householdId, table.powerSystemId, table.loadId] }),
    foreignKey({
      name: 'load_source_source',
      columns: [table.householdId, table.powerSystemId, table.sourceId],
      foreignColumns: [sources.householdId, sources.powerSystemId, sources.id],
    }).onDelete('cascade'),
    foreignKey({
      name: 'load_source_load',
      columns: [table.householdId, table.loadId],
      foreignColumns: [loads.householdId, loads.id],
    }).onDelete('cascade'),
    index('load_source_of_load').on(table.householdId, table.loadId),
  ],
)

/** Earlier states of a household, whole, as they were saved. */
export const householdVersions = mysqlTable(
  'household_versions',
  {
    householdId: uid('household_id')
      .notNull()
      .references(() => households.id, { onDelete: 'cascade' }),
    version: int('version').notNull(),
    savedAt: datetime('saved_at', { fsp: 3 }).notNull(),
    documentVersion: int('document_version').notNull(),
    content: longText('content').notNull(),
    bytes: int('bytes').notNull(),
    /** what the version kept after it changed; false: it cannot be read any more; null: not worked out yet */
    changes: json('changes'),
  },
  (table) => [primaryKey({ columns: [table.householdId, table.version] })],
)

/** Test runs and outages that were written down: what is fixed when one begins. */
export const runs = mysqlTable(
  'runs',
  {
    householdId: uid('household_id')
      .notNull()
      .references(() => households.id, { onDelete: 'cascade' }),
    id: partId('id').notNull(),
    kind: varchar('kind', { length: 16, enum: ['test', 'outage'] }).notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    sourceId: partId('source_id').notNull(),
    startedAt: datetime('started_at', { fsp: 3 }).notNull(),
    /** the clock on the wall then */
    startsLocal: varchar('starts_local', { length: 16 }).notNull(),
    /** the plan document as it stood */
    plan: json('plan').notNull(),
    createdAt: datetime('created_at', { fsp: 3 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.householdId, table.id] })],
)

/** What was written down in a run: never changed, only added to; an entry that is sent twice is there once. */
export const runEntries = mysqlTable(
  'run_entries',
  {
    /** in the order of arrival: a device asks for what came after the last it has seen */
    sequence: bigint('sequence', { mode: 'number', unsigned: true }).autoincrement().primaryKey(),
    householdId: uid('household_id').notNull(),
    runId: partId('run_id').notNull(),
    id: partId('id').notNull(),
    at: datetime('at', { fsp: 3 }).notNull(),
    entry: json('entry').notNull(),
  },
  (table) => [
    uniqueIndex('run_entry_once').on(table.householdId, table.runId, table.id),
    foreignKey({
      name: 'entry_of_run',
      columns: [table.householdId, table.runId],
      foreignColumns: [runs.householdId, runs.id],
    }).onDelete('cascade'),
  ],
)

/** Photos of displays, each of the entry whose id it has; made smaller and stripped of what it says beside the picture. */
export const runPhotos = mysqlTable(
  'run_photos',
  {
    householdId: uid('household_id').notNull(),
    runId: partId('run_id').notNull(),
    id: partId('id').notNull(),
    jpeg: picture('jpeg').notNull(),
    bytes: int('bytes').notNull(),
    createdAt: datetime('created_at', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.householdId, table.runId, table.id] }),
    foreignKey({
      name: 'photo_of_run',
      columns: [table.householdId, table.runId],
      foreignColumns: [runs.householdId, runs.id],
    }).onDelete('cascade'),
  ],
)

/** Codes that open a household on another device; of the code itself only a hash is kept. */
export const recoveryCodes = mysqlTable(
  'recovery_codes',
  {
    id: uid('id').primaryKey(),
    householdId: uid('household_id')
      .notNull()
      .references(() => households.id, { onDelete: 'cascade' }),
    hash: varchar('hash', { length: 64 }).notNull().unique(),
    createdAt: datetime('created_at', { fsp: 3 }).notNull(),
    usedAt: datetime('used_at', { fsp: 3 }),
  },
  (table) => [index('recovery_code_household').on(table.householdId)],
)

/** What the limits by address and visitor count, for all instances; the limiter's own table. */
export const rateLimits = mysqlTable('rate_limits', {
  key: varchar('key', { length: 255 }).primaryKey(),
  points: int('points').notNull().default(0),
  expire: bigint('expire', { mode: 'number', unsigned: true }),
})
