import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, http, sentenceOf, type Schemas } from '@/api/client';
import { savedNow, saySaving } from '@/frame/saving';

export type Level = Schemas['MethodView']['level'];
export const LEVELS: Level[] = ['practice', 'trainer', 'person', 'program'];
export type Answer = NonNullable<Schemas['MethodRequest']['answer']>;
type Question = Schemas['MethodQuestionView'];
interface Whose {
  level: Level;
  person: string;
}
/** An answer that was given and is not kept yet; null inherits. */
type Told = Whose & { question: string; answer: Answer | null };

const of = (person: string) => ({ params: { path: { person } } });

const keyOf = ({ level, person }: Whose) =>
  ({
    practice: api.queryOptions('get', '/api/method', {}).queryKey,
    trainer: api.queryOptions('get', '/api/method/mine', {}).queryKey,
    person: api.queryOptions('get', '/api/people/{person}/method/own', of(person)).queryKey,
    program: api.queryOptions('get', '/api/people/{person}/method/program', of(person)).queryKey,
  })[level];

const put = ({ level, person, question, answer }: Told, version: number) => {
  const body = { version, question, answer };
  switch (level) {
    case 'practice':
      return http.PUT('/api/method', { body });
    case 'trainer':
      return http.PUT('/api/method/mine', { body });
    case 'person':
      return http.PUT('/api/people/{person}/method/own', { ...of(person), body });
    case 'program':
      return http.PUT('/api/people/{person}/method/program', { ...of(person), body });
  }
};

const shownAs = (question: Question, told: Told | undefined): Question =>
  told ? { ...question, given: told.answer, chosen: told.answer ?? question.chosen } : question;

/**
 * The method of one level; a person is needed for the two nearest. An answer shows at once, and answers are sent one after
 * the other, each with the version the one before brought: who answers quickly is not somebody else.
 */
export function useMethod(level: Level, person: string) {
  const client = useQueryClient();
  const [onTheWay, setOnTheWay] = useState<Told[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const levels = {
    practice: api.useQuery('get', '/api/method', {}, { enabled: level === 'practice' }),
    trainer: api.useQuery('get', '/api/method/mine', {}, { enabled: level === 'trainer' }),
    person: api.useQuery('get', '/api/people/{person}/method/own', of(person), { enabled: level === 'person' && person !== '' }),
    program: api.useQuery('get', '/api/people/{person}/method/program', of(person), {
      enabled: level === 'program' && person !== '',
    }),
  };
  const { mutate } = useMutation({
    mutationKey: ['method'],
    scope: { id: 'method' },
    networkMode: 'always',
    mutationFn: async (told: Told) => {
      saySaving('Saving …');
      const version = client.getQueryData<Schemas['MethodView']>(keyOf(told))?.version ?? 0;
      const { data, error } = await put(told, version);
      if (error) setProblem(sentenceOf(error));
      if (data) client.setQueryData(keyOf(told), data);
      else await client.invalidateQueries({ queryKey: keyOf(told) });
      if (data) savedNow();
      else saySaving('Not saved');
    },
    onSettled: async (_, __, told) => {
      setOnTheWay((all) => all.filter((one) => one !== told));
      // Sessions, sheets and decisions follow the method: they are read anew once the last answer is kept.
      if (client.isMutating({ mutationKey: ['method'] }) === 1) await client.invalidateQueries();
    },
  });
  const { data, error, refetch } = levels[level];

  return {
    method: data && {
      ...data,
      questions: data.questions.map((question) =>
        shownAs(
          question,
          onTheWay.findLast((told) => told.question === question.question && told.level === level && told.person === person),
        ),
      ),
    },
    error,
    again: () => void refetch(),
    problem,
    forget: () => setProblem(null),
    choose: (question: string, answer: Answer | null) => {
      const told = { level, person, question, answer };
      setProblem(null);
      setOnTheWay((all) => [...all, told]);
      mutate(told);
    },
  };
}
