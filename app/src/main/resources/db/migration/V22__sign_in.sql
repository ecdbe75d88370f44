-- Who is signed in: kept by the session library, so that a restart signs nobody out and several copies of the application serve one shop.
CREATE TABLE spring_session (
    primary_id            char(36) NOT NULL CONSTRAINT spring_session_pk PRIMARY KEY,
    session_id            char(36) NOT NULL,
    creation_time         bigint   NOT NULL,
    last_access_time      bigint   NOT NULL,
    max_inactive_interval integer  NOT NULL,
    expiry_time           bigint   NOT NULL,
    principal_name        varchar(100)
);
CREATE UNIQUE INDEX spring_session_ix1 ON spring_session (session_id);
CREATE INDEX spring_session_ix2 ON spring_session (expiry_time);
CREATE INDEX spring_session_ix3 ON spring_session (principal_name);
CREATE TABLE spring_session_attributes (
    session_primary_id char(36)     NOT NULL,
    attribute_name     varchar(200) NOT NULL,
    attribute_bytes    bytea        NOT NULL,
    CONSTRAINT spring_session_attributes_pk PRIMARY KEY (session_primary_id, attribute_name),
    CONSTRAINT spring_session_attributes_fk FOREIGN KEY (session_primary_id) REFERENCES spring_session (primary_id) ON DELETE CASCADE
);

-- Sign-ins that were tried: what was not cleared by a right one counts against name and address.
CREATE TABLE sign_in_try (
    id      bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    name    varchar(30) NOT NULL,
    address varchar(60) NOT NULL,
    at      timestamptz NOT NULL,
    cleared boolean     NOT NULL DEFAULT false
);
CREATE INDEX sign_in_try_name ON sign_in_try (name, at);
CREATE INDEX sign_in_try_address ON sign_in_try (address, at);

GRANT SELECT, INSERT, UPDATE, DELETE ON spring_session, spring_session_attributes, sign_in_try TO ${appUser};
