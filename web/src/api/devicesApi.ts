import type {
  CodeAnswer,
  DevicesAnswer,
  JoinDto,
  MeAnswer,
  NewCodeDto,
  PassphraseDto,
  RecoveryAnswer,
  SignInDto,
  TraysAnswer,
} from '@omniarton/contracts';
import type { Ballot } from '@omniarton/core/taste';
import { pathTo, type HouseRole } from '@omniarton/contracts/paths-and-errors';
import { api } from './api';

interface AtMember {
  readonly household: string;
  readonly member: string;
}
type Said<T> = { readonly [key in keyof T]: T[key] };

/** Who is in, on which devices, and what each may do; the trays of who only tastes. */
export const devicesApi = api.injectEndpoints({
  endpoints: (build) => ({
    me: build.query<MeAnswer, void>({ query: () => ({ path: pathTo('me') }), providesTags: ['households'] }),
    devices: build.query<DevicesAnswer, string>({
      query: (household) => ({ path: pathTo('devices', { household }) }),
      providesTags: ['devices'],
    }),
    makeCode: build.mutation<CodeAnswer, { household: string; whose: Said<NewCodeDto> }>({
      query: ({ household, whose }) => ({
        path: pathTo('codes', { household }),
        method: 'POST',
        body: whose,
      }),
    }),
    makeRecovery: build.mutation<RecoveryAnswer, string>({
      query: (household) => ({ path: pathTo('recovery', { household }), method: 'POST' }),
      invalidatesTags: ['devices'],
    }),
    putOut: build.mutation<null, { household: string; device: string }>({
      query: (at) => ({ path: pathTo('device', at), method: 'DELETE' }),
      invalidatesTags: ['devices'],
    }),
    setRole: build.mutation<null, AtMember & { role: HouseRole }>({
      query: ({ role, ...at }) => ({ path: pathTo('member', { ...at }), method: 'PUT', body: { role } }),
      invalidatesTags: ['devices'],
    }),
    removeMember: build.mutation<null, AtMember>({
      query: (at) => ({ path: pathTo('member', { ...at }), method: 'DELETE' }),
      invalidatesTags: ['devices'],
    }),
    setPassphrase: build.mutation<null, Said<PassphraseDto>>({
      query: (body) => ({ path: pathTo('passphrase'), method: 'PUT', body }),
      invalidatesTags: ['devices', 'households'],
    }),
    join: build.mutation<MeAnswer, Said<JoinDto>>({
      query: (body) => ({ path: pathTo('join'), method: 'POST', body }),
    }),
    signIn: build.mutation<MeAnswer, Said<SignInDto>>({
      query: (body) => ({ path: pathTo('signIn'), method: 'POST', body }),
    }),
    signOut: build.mutation<null, void>({ query: () => ({ path: pathTo('signOut'), method: 'POST' }) }),
    trays: build.query<readonly TraysAnswer[], string>({
      query: (household) => ({ path: pathTo('trays', { household }) }),
      providesTags: ['trays'],
    }),
    handIn: build.mutation<null, { household: string; recipe: string; tasting: string; ballot: Ballot }>({
      query: ({ ballot, ...at }) => ({ path: pathTo('ballots', at), method: 'POST', body: { ballot } }),
      invalidatesTags: ['trays'],
    }),
  }),
});

export const {
  useMeQuery,
  useDevicesQuery,
  useMakeCodeMutation,
  useMakeRecoveryMutation,
  usePutOutMutation,
  useSetRoleMutation,
  useRemoveMemberMutation,
  useSetPassphraseMutation,
  useJoinMutation,
  useSignInMutation,
  useSignOutMutation,
  useTraysQuery,
  useHandInMutation,
} = devicesApi;
