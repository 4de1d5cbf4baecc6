import { Navigate } from 'react-router';
import { useListDocumentsQuery } from '../../app/api.ts';
import { Notice } from '../../ui/Notice.tsx';

/** The way in: the plan of the first class. */
export function FirstClass() {
  const { data, isError } = useListDocumentsQuery('class');
  if (isError)
    return <Notice>The server does not answer. Nothing is lost; start it again and reload this page.</Notice>;
  if (!data) return <p className="p-6 text-quiet">Opening the class …</p>;
  const first = data[0];
  return first ? <Navigate to={`/class/${first.id}/plan`} replace /> : <Navigate to="/classes" replace />;
}
