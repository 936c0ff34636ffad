import type { MeAnswer, NewPasskeyDto, PasskeysAnswer, PasskeySignInDto } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';
import { api } from './api';

type Said<T> = { readonly [key in keyof T]: T[key] };

/** One's own passkeys, and the door that they open. */
export const passkeysApi = api.injectEndpoints({
  endpoints: (build) => ({
    passkeys: build.query<PasskeysAnswer, void>({
      query: () => ({ path: pathTo('passkeys') }),
      providesTags: ['passkeys'],
    }),
    beginPasskey: build.mutation<PublicKeyCredentialCreationOptionsJSON, void>({
      query: () => ({ path: pathTo('passkeyBegin'), method: 'POST' }),
    }),
    makePasskey: build.mutation<null, Said<NewPasskeyDto>>({
      query: (body) => ({ path: pathTo('passkeys'), method: 'POST', body }),
      invalidatesTags: ['passkeys'],
    }),
    removePasskey: build.mutation<null, string>({
      query: (passkey) => ({ path: pathTo('passkey', { passkey }), method: 'DELETE' }),
      invalidatesTags: ['passkeys'],
    }),
    beginDoor: build.mutation<PublicKeyCredentialRequestOptionsJSON, void>({
      query: () => ({ path: pathTo('passkeyDoorBegin'), method: 'POST' }),
    }),
    throughDoor: build.mutation<MeAnswer, Said<PasskeySignInDto>>({
      query: (body) => ({ path: pathTo('passkeyDoor'), method: 'POST', body }),
    }),
  }),
});

export const {
  usePasskeysQuery,
  useBeginPasskeyMutation,
  useMakePasskeyMutation,
  useRemovePasskeyMutation,
  useBeginDoorMutation,
  useThroughDoorMutation,
} = passkeysApi;
