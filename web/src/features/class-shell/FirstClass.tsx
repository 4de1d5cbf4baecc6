import { Navigate } from 'react-router';
import { useDocumentList } from '../../documents/api.ts';
import { Notice } from '../../ui/Notice.tsx';

/** The way in: the plan of the first class. */
export function FirstClass() {
  const { data, isError } = useDocumentList('class');
  if (isError)
    return <Notice>The server does not answer. Nothing is lost; start it again and reload this page.</Notice>;
  if (!data) return <p className="p-6 text-quiet">Opening the class …</p>;
  const first = data.find((d) => d.isReadable);
  return first ? <Navigate to={`/class/${first.id}/plan`} replace /> : <Navigate to="/classes" replace />;
}
