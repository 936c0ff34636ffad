import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import { PHOTO_OF, type PhotoAnswer, type PhotoOf } from '@omniarton/contracts/photo';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { usePhotosQuery, useRemovePhotoMutation } from '../../../api/bakesApi';
import { api } from '../../../api/api';
import { request } from '../../../api/http';
import { failureWords } from '../../../api/words';
import { useAppDispatch } from '../../../state/state';
import { Button } from '../../../ui/Button';
import { Row, Small, Stack } from '../../../ui/layout';
import { Notice } from '../../../ui/Notice';
import { NoPictureError, shrunk } from './shrink';

interface Props {
  readonly household: string;
  readonly bake: string;
  /** What it was: for those who don't see it. */
  readonly name: string;
}

/** Takes pictures in: shrunk in this browser, then sent. What can't be is said. */
function useTakePhotos({ household, bake }: Props) {
  const dispatch = useAppDispatch();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = async (of: PhotoOf, files: readonly File[]) => {
    setBusy(true);
    const troubles: string[] = [];
    for (const file of files)
      try {
        const body = await shrunk(file);
        const path = `${pathTo('photo', { household, bake, photo: newId() })}?of=${of}`;
        const reply = await request<PhotoAnswer>(path, { method: 'PUT', body });
        if (!reply.ok) troubles.push(`${file.name}: ${failureWords(reply.failure)}`);
      } catch (error) {
        if (!(error instanceof NoPictureError)) throw error;
        troubles.push(error.message);
      }
    setTrouble(troubles.length > 0 ? troubles.join(' ') : null);
    setBusy(false);
    dispatch(api.util.invalidateTags(['photos']));
  };
  return { take, busy, trouble };
}

const OF: Readonly<Record<PhotoOf, string>> = { whole: 'the whole', crumb: 'the crumb' };

/** A bake's pictures: the whole, and the crumb; always of the same size, so that two bakes can be held side by side. */
export function Photos({ household, bake, name }: Props) {
  const { data = [] } = usePhotosQuery({ household, bake });
  const [remove] = useRemovePhotoMutation();
  const { take, busy, trouble } = useTakePhotos({ household, bake, name });
  return (
    <Stack $gap={3}>
      <PhotoStrip
        household={household}
        bake={bake}
        name={name}
        photos={data}
        onRemove={(photo) => void remove({ household, bake, photo })}
      />
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
      <Row>
        {PHOTO_OF.map((of) => (
          <FileTrigger
            key={of}
            acceptedFileTypes={['image/*']}
            allowsMultiple
            onSelect={(files) => void take(of, files ? [...files] : [])}
          >
            {/* Pending, not disabled: the focus stays, and Escape with it. */}
            <Button isPending={busy}>Add a picture of {OF[of]}</Button>
          </FileTrigger>
        ))}
        {busy ? <Small role="status">Making it smaller …</Small> : null}
      </Row>
      <Small>
        Take them by the same window, from the same distance. They are turned upright and made smaller here;
        where and when they were taken doesn’t leave this device.
      </Small>
    </Stack>
  );
}

interface StripProps extends Props {
  readonly photos: readonly PhotoAnswer[];
  readonly onRemove?: (photo: string) => void;
}

export function PhotoStrip({ household, bake, name, photos, onRemove }: StripProps) {
  if (photos.length === 0) return null;
  return (
    <Strip>
      {photos.map(({ id, of, width, height }) => (
        <li key={id}>
          <img
            src={pathTo('photo', { household, bake, photo: id })}
            alt={`${name}: ${OF[of]}`}
            width={width}
            height={height}
            loading="lazy"
          />
          <small>{OF[of]}</small>
          {onRemove ? (
            <Button
              $weight="quiet"
              aria-label={`Take away the picture of ${OF[of]}`}
              onPress={() => onRemove(id)}
            >
              ✕
            </Button>
          ) : null}
        </li>
      ))}
    </Strip>
  );
}

const Strip = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: ${({ theme }) => theme.space(3)};
  list-style: none;
  img {
    display: block;
    width: 100%;
    height: auto;
    aspect-ratio: 4 / 3;
    object-fit: cover;
    background: ${({ theme }) => theme.colour.table};
  }
`;
