import { useMeQuery, useSignOutMutation } from '../api/devicesApi';
import { JOIN_PATH } from '../base/paths';
import { Button } from '../ui/Button';

/** Takes this device out; at the machine itself there is nothing to take out. */
export function SignOut() {
  const { data } = useMeQuery();
  const [signOut] = useSignOutMutation();
  if (!data?.device) return null;
  return (
    <Button $weight="quiet" onPress={() => void signOut().finally(() => window.location.assign(JOIN_PATH))}>
      Sign this device out
    </Button>
  );
}
