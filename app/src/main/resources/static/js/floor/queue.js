/** What was recorded on this device and is not sent yet, in the order in which it was recorded; it outlives a restart. */

const DATABASE = "retazo-floor";
const RECORDS = "records";

const opened = () =>
    new Promise((resolve, reject) => {
        const asked = indexedDB.open(DATABASE, 1);
        asked.onupgradeneeded = () => asked.result.createObjectStore(RECORDS, { keyPath: "key", autoIncrement: true });
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error);
    });

/** @param {IDBTransactionMode} mode @param {(records: IDBObjectStore) => IDBRequest} work */
async function within(mode, work) {
    const database = await opened();
    try {
        return await new Promise((resolve, reject) => {
            const transaction = database.transaction(RECORDS, mode);
            const request = work(transaction.objectStore(RECORDS));
            transaction.oncomplete = () => resolve(request.result);
            transaction.onabort = () => reject(transaction.error);
        });
    } finally {
        database.close();
    }
}

/**
 * @typedef {object} Kept a form as it was sent
 * @property {number} [key] in the order of recording
 * @property {string} path that it is sent to
 * @property {string} page on which it was recorded
 * @property {[string, string][]} fields
 * @property {string} what it records, in words
 * @property {string} person who recorded it
 * @property {number} at
 * @property {string} [fault] what the server said against it; then somebody has to look
 */

/** @returns {Promise<Kept[]>} */
export const all = () => within("readonly", (records) => records.getAll());

/** @param {Kept} record */
export const keep = (record) => within("readwrite", (records) => records.add(record));

/** @param {Kept} record */
export const change = (record) => within("readwrite", (records) => records.put(record));

/** @param {number} key */
export const forget = (key) => within("readwrite", (records) => records.delete(key));
