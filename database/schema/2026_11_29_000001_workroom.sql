-- The tables of a workroom. Closed sets are tables of words: a new kind is a row here and a case of its enum. What a
-- kind of entry has to have (a figure, and between what; a reason; a subject) stands in its row and is asked by a
-- trigger. A uid names a record in files that leave the workroom. What was recorded is never changed.

-- Words

CREATE TABLE batch_statuses (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO batch_statuses VALUES ('making'), ('finished'), ('abandoned');

CREATE TABLE jar_statuses (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO jar_statuses VALUES ('planned'), ('standing'), ('strained'), ('discarded');

CREATE TABLE preparation_statuses (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO preparation_statuses VALUES ('planned'), ('made');

CREATE TABLE lot_kinds (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO lot_kinds VALUES ('infused_oil'), ('preparation'), ('bought');

CREATE TABLE storages (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO storages VALUES ('room'), ('fridge'), ('freezer');

CREATE TABLE sample_places (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO sample_places VALUES ('cold'), ('room'), ('warm');

CREATE TABLE sample_looks (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO sample_looks VALUES ('sound'), ('parted'), ('grainy'), ('smell'), ('colour'), ('mould'), ('undo');

CREATE TABLE photo_types (name TEXT PRIMARY KEY) STRICT, WITHOUT ROWID;
INSERT INTO photo_types VALUES ('image/jpeg'), ('image/png'), ('image/webp');

CREATE TABLE batch_entry_kinds (
    name TEXT PRIMARY KEY,
    least REAL,
    most REAL,
    needs_reason INTEGER NOT NULL DEFAULT 0 CHECK (needs_reason IN (0, 1)),
    CHECK ((least IS NULL) = (most IS NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO batch_entry_kinds (name, least, most, needs_reason) VALUES
    ('done', NULL, NULL, 0),
    ('weight', 0, 1000000, 0), -- from before weighed and taken as planned were told apart
    ('weighed', 0, 1000000, 0),
    ('as_planned', NULL, NULL, 0),
    ('not_done', NULL, NULL, 0),
    ('temperature', -40, 200, 0),
    ('ph', 0, 14, 0),
    ('fill', 0, 1000000, 0),
    ('override', NULL, NULL, 1),
    ('timer', 0, 100000, 0),
    ('rescale', 0.1, 10, 0),
    ('accepted', 0, 1000000, 0),
    ('cup', 0, 1000000, 0),
    ('dose', 0, 1000000, 0),
    ('sample', 0, 1000000, 0),
    ('strained', 0, 1000000, 0),
    ('feel', NULL, NULL, 0),
    ('lot', NULL, NULL, 0),
    ('drops', 0, 1000000, 0),
    ('dropped', NULL, NULL, 1),
    ('resumed', NULL, NULL, 0);

CREATE TABLE jar_entry_kinds (
    name TEXT PRIMARY KEY,
    least REAL,
    most REAL,
    needs_subject INTEGER NOT NULL DEFAULT 0 CHECK (needs_subject IN (0, 1)),
    CHECK ((least IS NULL) = (most IS NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO jar_entry_kinds (name, least, most, needs_subject) VALUES
    ('shake', NULL, NULL, 0),
    ('temperature', -20, 200, 0),
    ('look', NULL, NULL, 1),
    ('take_out', 1e-9, 100000, 0),
    ('top_up', 1e-9, 100000, 0),
    ('strain', 1e-9, 100000, 0),
    ('discard', NULL, NULL, 1),
    ('pot', 1e-9, 100000, 0),
    ('undo', NULL, NULL, 1);

CREATE TABLE lot_entry_kinds (
    name TEXT PRIMARY KEY,
    least REAL,
    most REAL,
    needs_subject INTEGER NOT NULL DEFAULT 0 CHECK (needs_subject IN (0, 1)),
    CHECK ((least IS NULL) = (most IS NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO lot_entry_kinds (name, least, most, needs_subject) VALUES
    ('used', 1e-9, 1e9, 0),
    ('discarded', 1e-9, 1e9, 0),
    ('counted', -1e9, 1e9, 0),
    ('moved', NULL, NULL, 1),
    ('opened', NULL, NULL, 0),
    ('undo', NULL, NULL, 1);

CREATE TABLE shelf_entry_kinds (
    name TEXT PRIMARY KEY,
    least REAL,
    most REAL,
    needs_subject INTEGER NOT NULL DEFAULT 0 CHECK (needs_subject IN (0, 1)),
    CHECK ((least IS NULL) = (most IS NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO shelf_entry_kinds (name, least, most, needs_subject) VALUES
    ('used', 1e-9, 1000000, 0),
    ('gifted', 1e-9, 1000000, 0),
    ('sold', 1e-9, 1000000, 0),
    ('discarded', 1e-9, 1000000, 1),
    ('moved', NULL, NULL, 1),
    ('hair', NULL, NULL, 1),
    ('held', NULL, NULL, 1),
    ('withdrawn', NULL, NULL, 1),
    ('freed', NULL, NULL, 1),
    ('undo', NULL, NULL, 1);

-- Formulas

CREATE TABLE formulas (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    uid TEXT NOT NULL UNIQUE DEFAULT (lower(hex(randomblob(16)))) CHECK (length(uid) = 32),
    name TEXT NOT NULL CHECK (length(name) <= 120),
    draft TEXT NOT NULL CHECK (json_valid(draft)),
    revision INTEGER NOT NULL DEFAULT 1 CHECK (revision > 0),
    trial_of INTEGER REFERENCES formula_versions (id),
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL
) STRICT;

CREATE TABLE formula_versions (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    formula_id INTEGER NOT NULL REFERENCES formulas (id) ON DELETE RESTRICT,
    number INTEGER NOT NULL CHECK (number > 0),
    document TEXT NOT NULL CHECK (json_valid(document)),
    note TEXT NOT NULL DEFAULT '',
    created_at TEXT NOT NULL,
    UNIQUE (formula_id, number)
) STRICT;
CREATE TRIGGER a_kept_version_never_changes BEFORE UPDATE OF formula_id, number, document ON formula_versions
BEGIN SELECT RAISE(ABORT, 'a kept version never changes'); END;

CREATE TABLE planned_batches (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    formula_id INTEGER NOT NULL UNIQUE REFERENCES formulas (id) ON DELETE CASCADE,
    grams REAL NOT NULL CHECK (grams > 0 AND grams <= 1000000),
    created_at TEXT NOT NULL
) STRICT;

-- Batches

CREATE TABLE batches (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    uid TEXT NOT NULL UNIQUE DEFAULT (lower(hex(randomblob(16)))) CHECK (length(uid) = 32),
    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 6 AND 20),
    formula_version_id INTEGER NOT NULL REFERENCES formula_versions (id) ON DELETE RESTRICT,
    document TEXT NOT NULL CHECK (json_valid(document)),
    status TEXT NOT NULL DEFAULT 'making' REFERENCES batch_statuses (name),
    at_step TEXT NOT NULL,
    started_at TEXT NOT NULL,
    finished_at TEXT,
    best_before TEXT,
    outcome TEXT CHECK (outcome IS NULL OR json_valid(outcome)),
    despite TEXT CHECK (despite IS NULL OR json_valid(despite)),
    grams_left REAL CHECK (grams_left IS NULL OR grams_left >= 0),
    stands TEXT NOT NULL DEFAULT '' CHECK (length(stands) <= 80),
    gone_at TEXT,
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    CHECK ((status = 'finished') = (finished_at IS NOT NULL)),
    CHECK (finished_at IS NULL OR outcome IS NOT NULL)
) STRICT;
CREATE INDEX batches_by_status ON batches (status, started_at);
CREATE INDEX batches_at_hand ON batches (status, gone_at, best_before);
CREATE INDEX batches_by_version ON batches (formula_version_id, finished_at);

CREATE TABLE batch_entries (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE RESTRICT,
    step TEXT NOT NULL,
    kind TEXT NOT NULL REFERENCES batch_entry_kinds (name),
    subject TEXT NOT NULL DEFAULT '',
    value REAL,
    reason TEXT NOT NULL DEFAULT '',
    client_key TEXT NOT NULL UNIQUE,
    recorded_at TEXT NOT NULL
) STRICT;
CREATE INDEX batch_entries_by_batch ON batch_entries (batch_id, id);
CREATE TRIGGER a_batch_entry_has_what_its_kind_needs BEFORE INSERT ON batch_entries
WHEN EXISTS (
    SELECT 1 FROM batch_entry_kinds
    WHERE name = NEW.kind AND (
        (least IS NOT NULL AND (NEW.value IS NULL OR NEW.value NOT BETWEEN least AND most))
        OR (needs_reason AND length(trim(NEW.reason)) = 0)
    )
)
BEGIN SELECT RAISE(ABORT, 'CHECK constraint failed: the kind of batch entry needs something else'); END;
CREATE TRIGGER what_was_recorded_stays BEFORE UPDATE ON batch_entries
BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;

CREATE TABLE shelf_entries (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    batch_id INTEGER NOT NULL REFERENCES batches (id) ON DELETE RESTRICT,
    kind TEXT NOT NULL REFERENCES shelf_entry_kinds (name),
    grams REAL,
    subject TEXT NOT NULL DEFAULT '' CHECK (length(subject) <= 200),
    price REAL CHECK (price IS NULL OR (price >= 0 AND price <= 1000000)),
    note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
    client_key TEXT NOT NULL UNIQUE,
    happened_at TEXT NOT NULL,
    recorded_at TEXT NOT NULL
) STRICT;
CREATE INDEX shelf_entries_by_batch ON shelf_entries (batch_id, id);
CREATE TRIGGER a_shelf_entry_has_what_its_kind_needs BEFORE INSERT ON shelf_entries
WHEN EXISTS (
    SELECT 1 FROM shelf_entry_kinds
    WHERE name = NEW.kind AND (
        (least IS NOT NULL AND (NEW.grams IS NULL OR NEW.grams NOT BETWEEN least AND most))
        OR (needs_subject AND length(NEW.subject) = 0)
    )
)
BEGIN SELECT RAISE(ABORT, 'CHECK constraint failed: the kind of shelf entry needs something else'); END;
CREATE TRIGGER what_became_of_it_stays BEFORE UPDATE ON shelf_entries
BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;

CREATE TABLE stability_tests (
    batch_id INTEGER PRIMARY KEY REFERENCES batches (id) ON DELETE RESTRICT,
    begun_at TEXT NOT NULL,
    look_at TEXT
) STRICT;
CREATE INDEX stability_tests_by_look ON stability_tests (look_at);

CREATE TABLE observations (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    batch_id INTEGER NOT NULL REFERENCES stability_tests (batch_id) ON DELETE RESTRICT,
    place TEXT NOT NULL REFERENCES sample_places (name),
    look TEXT NOT NULL REFERENCES sample_looks (name),
    undoes INTEGER REFERENCES observations (id),
    ph REAL CHECK (ph IS NULL OR ph BETWEEN 0 AND 14),
    note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
    client_key TEXT NOT NULL UNIQUE,
    happened_at TEXT NOT NULL,
    recorded_at TEXT NOT NULL,
    CHECK ((look = 'undo') = (undoes IS NOT NULL))
) STRICT;
CREATE INDEX observations_by_batch ON observations (batch_id, happened_at);
CREATE TRIGGER what_was_seen_stays BEFORE UPDATE ON observations
BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;

CREATE TABLE photos (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    observation_id INTEGER NOT NULL REFERENCES observations (id) ON DELETE CASCADE,
    type TEXT NOT NULL REFERENCES photo_types (name),
    bytes BLOB NOT NULL CHECK (length(bytes) BETWEEN 1 AND 6000000)
) STRICT;
CREATE INDEX photos_by_observation ON photos (observation_id);

-- Plants, preparations and stock

CREATE TABLE jars (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    uid TEXT NOT NULL UNIQUE DEFAULT (lower(hex(randomblob(16)))) CHECK (length(uid) = 32),
    code TEXT UNIQUE CHECK (code IS NULL OR length(code) BETWEEN 6 AND 20),
    name TEXT NOT NULL CHECK (length(name) <= 120),
    draft TEXT NOT NULL CHECK (json_valid(draft)),
    revision INTEGER NOT NULL DEFAULT 1 CHECK (revision > 0),
    plan TEXT CHECK (plan IS NULL OR json_valid(plan)),
    status TEXT NOT NULL DEFAULT 'planned' REFERENCES jar_statuses (name),
    started_at TEXT,
    ended_at TEXT,
    outcome TEXT CHECK (outcome IS NULL OR json_valid(outcome)),
    shake_at TEXT,
    ready_at TEXT,
    strain_at TEXT,
    too_strong_at TEXT,
    alarm TEXT NOT NULL DEFAULT '',
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    CHECK ((status = 'planned') = (started_at IS NULL)),
    CHECK (status = 'planned' OR (plan IS NOT NULL AND code IS NOT NULL)),
    CHECK ((status IN ('strained', 'discarded')) = (ended_at IS NOT NULL))
) STRICT;
CREATE INDEX jars_by_status ON jars (status, started_at);
CREATE INDEX jars_by_shake ON jars (status, shake_at);
CREATE INDEX jars_by_strain ON jars (status, strain_at);
CREATE TRIGGER a_filled_jar_stays_what_it_is BEFORE UPDATE OF plan, started_at, code ON jars
WHEN OLD.status <> 'planned'
    AND (OLD.plan IS NOT NEW.plan OR OLD.started_at IS NOT NEW.started_at OR OLD.code IS NOT NEW.code)
BEGIN SELECT RAISE(ABORT, 'a filled jar stays what it is'); END;

CREATE TABLE jar_entries (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    jar_id INTEGER NOT NULL REFERENCES jars (id) ON DELETE RESTRICT,
    kind TEXT NOT NULL REFERENCES jar_entry_kinds (name),
    value REAL,
    subject TEXT NOT NULL DEFAULT '',
    note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
    client_key TEXT NOT NULL UNIQUE,
    happened_at TEXT NOT NULL,
    recorded_at TEXT NOT NULL
) STRICT;
CREATE INDEX jar_entries_by_jar ON jar_entries (jar_id, happened_at);
CREATE TRIGGER a_jar_entry_has_what_its_kind_needs BEFORE INSERT ON jar_entries
WHEN EXISTS (
    SELECT 1 FROM jar_entry_kinds
    WHERE name = NEW.kind AND (
        (least IS NOT NULL AND (NEW.value IS NULL OR NEW.value NOT BETWEEN least AND most))
        OR (needs_subject AND length(NEW.subject) = 0)
    )
)
BEGIN SELECT RAISE(ABORT, 'CHECK constraint failed: the kind of jar entry needs something else'); END;
CREATE TRIGGER what_happened_to_a_jar_stays BEFORE UPDATE ON jar_entries
BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;

CREATE TABLE preparations (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    uid TEXT NOT NULL UNIQUE DEFAULT (lower(hex(randomblob(16)))) CHECK (length(uid) = 32),
    method TEXT NOT NULL CHECK (length(method) <= 60),
    plan TEXT NOT NULL CHECK (json_valid(plan)),
    status TEXT NOT NULL DEFAULT 'planned' REFERENCES preparation_statuses (name),
    made_at TEXT,
    grams REAL CHECK (grams IS NULL OR (grams > 0 AND grams <= 100000)),
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    CHECK ((status = 'made') = (made_at IS NOT NULL AND grams IS NOT NULL))
) STRICT;
CREATE INDEX preparations_by_method ON preparations (method, made_at);

CREATE TABLE lots (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    uid TEXT NOT NULL UNIQUE DEFAULT (lower(hex(randomblob(16)))) CHECK (length(uid) = 32),
    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 6 AND 20),
    kind TEXT NOT NULL REFERENCES lot_kinds (name),
    name TEXT NOT NULL CHECK (length(name) <= 120),
    ingredient TEXT,
    document TEXT CHECK (document IS NULL OR json_valid(document)),
    material TEXT CHECK (material IS NULL OR json_valid(material)), -- ilvane.material/1, as computed when it was made
    grams REAL NOT NULL CHECK (grams > 0 AND grams <= 100000),
    grams_left REAL NOT NULL CHECK (grams_left >= 0),
    portion_grams REAL CHECK (portion_grams IS NULL OR portion_grams > 0),
    strength REAL CHECK (strength IS NULL OR strength >= 0),
    price REAL CHECK (price IS NULL OR (price >= 0 AND price <= 1000000)),
    supplier TEXT NOT NULL DEFAULT '' CHECK (length(supplier) <= 200),
    sealed_until TEXT,
    opened_at TEXT,
    made_at TEXT NOT NULL,
    good_until TEXT,
    storage TEXT NOT NULL REFERENCES storages (name),
    first_storage TEXT NOT NULL REFERENCES storages (name),
    jar_id INTEGER REFERENCES jars (id) ON DELETE RESTRICT,
    preparation_id INTEGER REFERENCES preparations (id) ON DELETE RESTRICT,
    gone_at TEXT,
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    CHECK ((ingredient IS NULL) <> (document IS NULL))
) STRICT;
CREATE INDEX lots_at_hand ON lots (gone_at, good_until);
CREATE INDEX lots_by_ingredient ON lots (ingredient, gone_at);
CREATE TRIGGER what_a_lot_is_made_of_stays BEFORE UPDATE OF material ON lots
WHEN OLD.material IS NOT NULL AND OLD.material IS NOT NEW.material
BEGIN SELECT RAISE(ABORT, 'what a lot is made of stays'); END;

CREATE TABLE lot_entries (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    lot_id INTEGER NOT NULL REFERENCES lots (id) ON DELETE RESTRICT,
    kind TEXT NOT NULL REFERENCES lot_entry_kinds (name),
    grams REAL,
    subject TEXT NOT NULL DEFAULT '',
    note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 500),
    client_key TEXT NOT NULL UNIQUE,
    happened_at TEXT NOT NULL,
    recorded_at TEXT NOT NULL
) STRICT;
CREATE INDEX lot_entries_by_lot ON lot_entries (lot_id, id);
CREATE INDEX lot_entries_by_subject ON lot_entries (kind, subject);
CREATE TRIGGER a_lot_entry_has_what_its_kind_needs BEFORE INSERT ON lot_entries
WHEN EXISTS (
    SELECT 1 FROM lot_entry_kinds
    WHERE name = NEW.kind AND (
        (least IS NOT NULL AND (NEW.grams IS NULL OR NEW.grams NOT BETWEEN least AND most))
        OR (needs_subject AND length(NEW.subject) = 0)
    )
)
BEGIN SELECT RAISE(ABORT, 'CHECK constraint failed: the kind of lot entry needs something else'); END;
CREATE TRIGGER what_happened_to_a_lot_stays BEFORE UPDATE ON lot_entries
BEGIN SELECT RAISE(ABORT, 'what was recorded stays'); END;

CREATE TABLE own_ingredients (
    key TEXT PRIMARY KEY CHECK (length(key) BETWEEN 2 AND 80),
    is_own INTEGER NOT NULL CHECK (is_own IN (0, 1)),
    fields TEXT NOT NULL CHECK (json_valid(fields)),
    updated_at TEXT NOT NULL
) STRICT;

-- What is being written, what was practised, how the maker works

CREATE TABLE draft_states (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    formula_id INTEGER REFERENCES formulas (id) ON DELETE CASCADE,
    jar_id INTEGER REFERENCES jars (id) ON DELETE CASCADE,
    revision INTEGER NOT NULL CHECK (revision > 0),
    state TEXT NOT NULL CHECK (json_valid(state)),
    did TEXT NOT NULL DEFAULT '',
    about TEXT NOT NULL DEFAULT '',
    undo_to INTEGER,
    redo_to INTEGER,
    edit TEXT NOT NULL DEFAULT '',
    turn TEXT NOT NULL DEFAULT '',
    created_at TEXT NOT NULL,
    UNIQUE (formula_id, revision),
    UNIQUE (jar_id, revision),
    CHECK ((formula_id IS NULL) <> (jar_id IS NULL)),
    CHECK (undo_to IS NULL OR undo_to < revision),
    CHECK (redo_to IS NULL OR redo_to < revision)
) STRICT;
CREATE TRIGGER what_a_draft_was_stays BEFORE UPDATE ON draft_states
BEGIN SELECT RAISE(ABORT, 'what a draft was stays'); END;

CREATE TABLE practised (
    key TEXT PRIMARY KEY CHECK (length(key) BETWEEN 1 AND 60),
    answers TEXT NOT NULL CHECK (json_valid(answers)),
    updated_at TEXT NOT NULL
) STRICT;

CREATE TABLE settings (
    name TEXT PRIMARY KEY CHECK (length(name) <= 40),
    value TEXT NOT NULL CHECK (json_valid(value)),
    updated_at TEXT NOT NULL
) STRICT;

CREATE TABLE devices (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
    token_hash TEXT NOT NULL UNIQUE CHECK (length(token_hash) = 64),
    signed_in_at TEXT NOT NULL,
    seen_at TEXT NOT NULL,
    ended_at TEXT
) STRICT;

CREATE TABLE cache (key TEXT PRIMARY KEY, value TEXT NOT NULL, expiration INTEGER NOT NULL) STRICT;
CREATE TABLE cache_locks (key TEXT PRIMARY KEY, owner TEXT NOT NULL, expiration INTEGER NOT NULL) STRICT;
