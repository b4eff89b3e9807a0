<?php

declare(strict_types=1);

namespace App\Records;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Log\EndReason;
use EvenRungs\Person\DoneSession;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningAnswer;
use EvenRungs\Person\Window;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use Illuminate\Support\Facades\DB;

/**
 * What a person did, read by index: the sessions inside the window of the rules whole, further ones in brief. Rows are
 * read as they are, since a model for each set costs more than the rules do.
 *
 * Persons and logs named here were found through the scope of the practice before.
 */
final readonly class LoggedSessions
{
    private const SET = ['session_log_id', 'item', 'rung', 'dose', 'set_number', 'done_both', 'done_left', 'done_right', 'form', 'pain', 'pain_side', 'pain_place', 'effort', 'travelling_pain', 'felt', 'instead_of', 'told_sequence'];

    /**
     * Every ladder is asked for, trained or not: which ones somebody trained is not to be had without reading all they ever did.
     *
     * @param list<string> $ladders of the library
     *
     * @return list<LoggedSession> all that the window of the rules asks for, and perhaps a little more
     */
    public static function inWindow(string $person, array $ladders): array
    {
        $newest = 'order by `done_on` desc, `sequence` desc limit '.Window::SESSIONS;
        $wanted = [
            "(select `id` from `session_logs` where `person_id` = ? and `stops` = 1 {$newest})",
            '(select `id` from `session_logs` where `person_id` = ? order by `done_on` desc, `sequence` desc limit 1)',
            ...array_fill(0, count($ladders), "(select `session_log_id` from `log_ladders` where `person_id` = ? and `ladder` = ? {$newest})"),
        ];
        $bindings = [$person, $person];
        foreach ($ladders as $ladder) {
            $bindings[] = $person;
            $bindings[] = $ladder;
        }

        return self::whole(array_values(array_filter(array_column(DB::select(implode(' union ', $wanted), $bindings), 'id'), is_string(...))));
    }

    /**
     * @param list<string> $ids of logs
     *
     * @return list<LoggedSession> in order of time
     */
    public static function whole(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $sets = $mornings = [];
        /** @var object{session_log_id: string, item: string, rung: string, dose: string, set_number: int, done_both: int|null, done_left: int|null, done_right: int|null, form: string, pain: int|null, pain_side: string|null, pain_place: string|null, effort: int|null, travelling_pain: int, felt: string|null, instead_of: string|null, told_sequence: int|null} $row */
        foreach (DB::table('set_logs')->whereIn('session_log_id', $ids)->orderBy('session_log_id')->orderBy('set_number')->orderBy('id')->get(self::SET) as $row) {
            /** @var array<string, bool> $form */
            $form = (array) json_decode($row->form, true);
            $sets[$row->session_log_id][] = new LoggedSet($row->item, $row->rung, $row->dose, $row->done_both, $row->done_left, $row->done_right, $form, $row->pain, $row->effort, (bool) $row->travelling_pain, Felt::tryFrom($row->felt ?? ''), Side::tryFrom($row->pain_side ?? ''), $row->set_number, PainPlace::tryFrom($row->pain_place ?? ''), $row->instead_of, $row->told_sequence);
        }
        /** @var object{session_log_id: string, ladder: string, pain: int, worse: int, sequence: int} $row */
        foreach (DB::table('mornings')->whereIn('session_log_id', $ids)->orderBy('sequence')->get(['session_log_id', 'ladder', 'pain', 'worse', 'sequence']) as $row) {
            $mornings[$row->session_log_id][] = new MorningAnswer($row->ladder, new Morning($row->pain, (bool) $row->worse), $row->sequence);
        }
        $logs = [];
        /** @var object{id: string, training_session_id: string, done_on: string, sequence: int, seconds: int|null, ended_why: string|null, pain_before: string|null, at_home: int, told_sequence: int|null} $row */
        foreach (DB::table('session_logs')->whereIn('id', $ids)->orderBy('done_on')->orderBy('sequence')->get(['id', 'training_session_id', 'done_on', 'sequence', 'seconds', 'ended_why', 'pain_before', 'at_home', 'told_sequence']) as $row) {
            $logs[] = new LoggedSession($row->id, $row->training_session_id, Day::parse($row->done_on), $row->sequence, $row->seconds, $sets[$row->id] ?? [], $mornings[$row->id] ?? [], self::before($row->pain_before), EndReason::tryFrom($row->ended_why ?? ''), (bool) $row->at_home, $row->told_sequence);
        }

        return $logs;
    }

    /** @return list<DoneSession> what was done from a day on, in order of time */
    public static function inBrief(string $person, Day $since): array
    {
        $sets = $rungs = [];
        /** @var object{session_log_id: string, ladder: string, sets: int, rungs: string} $row */
        foreach (DB::table('session_logs as l')->join('log_ladders as e', 'e.session_log_id', '=', 'l.id')->where('l.person_id', $person)->where('l.done_on', '>=', $since->iso())->get(['e.session_log_id', 'e.ladder', 'e.sets', 'e.rungs']) as $row) {
            $sets[$row->session_log_id][$row->ladder] = $row->sets;
            /** @var list<string> $slugs */
            $slugs = (array) json_decode($row->rungs, true);
            $rungs[$row->session_log_id][$row->ladder] = $slugs;
        }
        $done = [];
        /** @var object{id: string, training_session_id: string, done_on: string, sequence: int, seconds: int|null, effort_sum: int, efforts_told: int} $row */
        foreach (DB::table('session_logs')->where('person_id', $person)->where('done_on', '>=', $since->iso())->orderBy('done_on')->orderBy('sequence')->get(['id', 'training_session_id', 'done_on', 'sequence', 'seconds', 'effort_sum', 'efforts_told']) as $row) {
            $on = Day::parse($row->done_on);
            $done[] = new DoneSession($on, $row->training_session_id, $row->sequence, SessionLoad::summed($on, $row->effort_sum, $row->efforts_told, $row->seconds), $sets[$row->id] ?? [], $rungs[$row->id] ?? []);
        }

        return $done;
    }

    /** Keeps a log in brief beside it: after it was written, and after the next morning was told. */
    public static function keepBrief(string $log): void
    {
        foreach (self::whole([$log]) as $logged) {
            $efforts = $logged->efforts();
            DB::table('session_logs')->where('id', $log)->update(['stops' => $logged->stopsSomething(), 'effort_sum' => array_sum($efforts), 'efforts_told' => count($efforts)]);
            $brief = DoneSession::of($logged);
            $person = DB::table('session_logs')->where('id', $log)->value('person_id');
            DB::table('log_ladders')->where('session_log_id', $log)->whereNotIn('ladder', array_keys($brief->sets))->delete();
            DB::table('log_ladders')->upsert(array_map(static fn(string $ladder): array => [
                'session_log_id' => $log, 'ladder' => $ladder, 'person_id' => $person, 'done_on' => $logged->on->iso(), 'sequence' => $logged->sequence,
                'sets' => $brief->sets[$ladder], 'rungs' => json_encode($brief->rungs[$ladder], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES),
            ], array_keys($brief->sets)), ['session_log_id', 'ladder']);
        }
    }

    /** @return list<StartPain> */
    private static function before(?string $kept): array
    {
        /** @var list<array{place: string, side: string|null, pain: int}> $before */
        $before = $kept === null ? [] : (array) json_decode($kept, true);

        return array_map(static fn(array $pain): StartPain => new StartPain(PainPlace::from($pain['place']), Side::tryFrom($pain['side'] ?? ''), $pain['pain']), $before);
    }
}
