import { v7 as newId } from 'uuid';
import { PHOTO_BYTES, type EverythingFile, type PhotoAnswer } from '@omniarton/contracts';
import { emptyNotes } from '@omniarton/core/kitchen';
import { keptCake, plainCake } from '../testing/documents';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
const [recipe, docket, bake] = [newId(), newId(), newId()];
const home = (rest: string, household = house.home) => `/api/households/${household}/${rest}`;
const photos = (household = house.home) => home(`bakes/${bake}/photos`, household);

/** The smallest JPEG head that says how large it is: SOI, JFIF, SOF0 with its measures, EOI. */
function jpeg(width: number, height: number, before: Buffer = Buffer.alloc(0)): Buffer {
  const jfif = Buffer.from([0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]);
  const frame = Buffer.from([
    ...[0xff, 0xc0, 0, 17, 8, height >> 8, height & 255, width >> 8, width & 255],
    ...[3, 1, 0x22, 0, 2, 0x11, 1, 3, 0x11, 1],
  ]);
  return Buffer.concat([Buffer.from([0xff, 0xd8]), jfif, before, frame, Buffer.from([0xff, 0xd9])]);
}
/** What a camera writes: an APP1 segment. */
const exif = Buffer.concat([Buffer.from([0xff, 0xe1, 0, 16]), Buffer.from('Exif\0\0'), Buffer.alloc(8)]);
const put = (id: string, body: Buffer, { type = 'image/jpeg', of = 'crumb', household = house.home } = {}) =>
  house
    .send('put', `${photos(household)}/${id}?of=${of}`)
    .set('content-type', type)
    .send(body);

beforeAll(async () => {
  house = await openHouse('photos');
  const under = home(`recipes/${recipe}`);
  await house.send('put', under).set('if-none-match', '*').send(plainCake).expect(201);
  await house.send('put', `${under}/dockets/${docket}`).send(keptCake()).expect(201);
  await house
    .send('put', `${under}/bakes/${bake}`)
    .set('if-none-match', '*')
    .send({ schema: 3, imported: false, docket, notes: emptyNotes('2026-06-20') })
    .expect(201);
});
afterAll(() => house.close());

describe('the pictures of a bake', () => {
  it('are kept to the byte, once however often they are sent, and taken away', async () => {
    const [id, body] = [newId(), jpeg(1600, 1200)];
    const kept = { id, of: 'crumb', type: 'image/jpeg', width: 1600, height: 1200 };
    expect((await put(id, body).expect(201)).body).toEqual(kept);
    expect((await put(id, body).expect(201)).body).toEqual(kept);
    expect((await house.get(photos()).expect(200)).body).toEqual([kept]);
    const got = await house.get(`${photos()}/${id}`).expect(200).expect('content-type', 'image/jpeg');
    expect(Buffer.compare(got.body as Buffer, body)).toBe(0);
    expect(got.headers['x-content-type-options']).toBe('nosniff');
    await house.get(`${photos(house.demo)}/${id}`).expect(404);
    await put(newId(), body, { household: house.demo }).expect(404);
    await house.send('delete', `${photos()}/${id}`).expect(204);
    expect(((await house.get(photos())).body as PhotoAnswer[]).length).toBe(0);
  });
  it.each([
    ['a renamed text file', () => Buffer.from('flour, butter, sugar'), 'image/jpeg', 400],
    [
      'a drawing with a script',
      () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>'),
      'image/jpeg',
      400,
    ],
    ['a drawing that says so', () => Buffer.from('<svg/>'), 'image/svg+xml', 415],
    ['one that says where it was taken', () => jpeg(800, 600, exif), 'image/jpeg', 400],
    ['one of twelve megapixels', () => jpeg(4000, 3000), 'image/jpeg', 400],
    ['one without end', () => Buffer.concat([jpeg(800, 600), Buffer.alloc(PHOTO_BYTES)]), 'image/jpeg', 413],
  ])('are refused: %s', async (_, body, type, status) => {
    await put(newId(), body(), { type }).expect(status);
    expect(((await house.get(photos())).body as PhotoAnswer[]).length).toBe(0);
  });
  it('go with the file of everything, and come back with it', async () => {
    const [id, body] = [newId(), jpeg(640, 480)];
    await put(id, body, { of: 'whole' }).expect(201);
    const file = (await house.get(home('everything')).expect(200)).body as EverythingFile;
    expect(file.photos).toEqual([{ id, bake, of: 'whole', bytes: body.toString('base64') }]);
    await house.send('delete', `${photos()}/${id}`).expect(204);
    const taken = await house.send('post', home('everything')).send(file).expect(200);
    expect(taken.body).toMatchObject({ photos: 1 });
    expect(((await house.get(photos())).body as PhotoAnswer[]).map((one) => one.id)).toEqual([id]);
  });
  it('are erased with their recipe', async () => {
    await house.send('post', home(`recipes/${recipe}/erase`)).expect(200);
    const { rows } = await house.db.raw<{ rows: unknown[] }>('SELECT id FROM photos WHERE household_id = ?', [
      house.home,
    ]);
    expect(rows).toEqual([]);
  });
});
