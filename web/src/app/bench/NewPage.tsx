import { useEffect, useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { benchPath } from '../../base/paths';
import { Waiting } from '../../ui/states';
import { useAppDispatch } from '../../state/state';
import { openNew } from '../../state/draft/opening';

/** A new sheet: it gets its id here, and its own address. */
export function NewPage() {
  const { household = '' } = useParams();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const made = useRef(false);
  useEffect(() => {
    if (made.current) return;
    made.current = true;
    const recipe = newId();
    dispatch(openNew({ household, recipe }));
    void navigate(benchPath(household, recipe, 'read'), { replace: true });
  }, [dispatch, household, navigate]);
  return <Waiting />;
}
