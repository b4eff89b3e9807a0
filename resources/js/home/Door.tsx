import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { http, type Refusal } from '@/api/client';
import { withHoldingToken } from '@/frame/signingIn';
import { Loading } from '@/ui/Loading';

/** Exchanges a link for the device's own cookie; the link leaves the address bar before anything else. */
export function Door() {
  const { token } = useParams();
  const navigate = useNavigate();
  const client = useQueryClient();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [round, setRound] = useState(0);
  useEffect(() => {
    window.history.replaceState(window.history.state, '', '/home');
    let isHere = true;
    void withHoldingToken(async () => (await http.POST('/api/home/open', { body: { token: token ?? '' } })).error ?? null).then(
      (refused) => {
        if (!isHere) return;
        if (refused) return setRefusal(refused);
        client.removeQueries({ queryKey: ['get', '/api/home'] });
        void navigate('/home', { replace: true });
      },
    );
    return () => {
      isHere = false;
    };
  }, [token, round, navigate, client]);
  return <Loading what="Opening your page" error={refusal} again={() => setRound((before) => before + 1)} />;
}
