// Generated from openapi.json by bin/types.mjs: not to be changed by hand.

export interface paths {
    "/api/bench": {
        /** What needs the trainer today, most urgent first; page by page. */
        get: operations["bench"];
    };
    "/api/floor": {
        /** Whom a device keeps for where there is no network: those whose session is placed today or tomorrow. */
        get: operations["floor"];
    };
    "/api/floor/days": {
        /** For how many days people stay on devices of the practice. */
        put: operations["setKeptDays"];
    };
    "/api/ping": {
        /** A bare answer in the same middleware group: what bin/bench compares the preview with. */
        post: operations["ping"];
    };
    "/api/people/{person}/board": {
        get: operations["board"];
    };
    "/api/people/{person}/path": {
        get: operations["path"];
    };
    "/api/people/{person}/hardness/{ladder}/{rung}": {
        get: operations["hardness"];
    };
    "/api/people/{person}/instead/{ladder}/{rung}": {
        get: operations["instead"];
    };
    "/api/people/{person}/board/preview": {
        /** The whole board under other limits or kit; nothing is saved. */
        post: operations["previewBoard"];
    };
    "/api/people/{person}/placements": {
        post: operations["place"];
    };
    "/api/people/{person}/set-ups": {
        /** Writes how the person sets up a rung; an empty text takes it away. */
        put: operations["setUp"];
    };
    "/api/people/{person}/marks": {
        /** Writes another leaving mark for a rung; without a target the table's holds again. Every one is kept. */
        put: operations["writeMark"];
    };
    "/api/people/{person}/allowances": {
        /** Allows a person a rung in spite of a limit or missing kit, with a reason that is kept. */
        post: operations["allowRung"];
    };
    "/api/people/{person}/allowances/{allowance}": {
        /** Takes an allowance back: what rules the rung out rules it out again. */
        delete: operations["takeAllowanceBack"];
    };
    "/api/people/{person}/placements/{placement}": {
        /** Takes a placing by hand back; the row stays, marked as taken back. */
        delete: operations["takePlacingBack"];
    };
    "/api/people/{person}/brace/preview": {
        /** What readings come to; nothing is saved. */
        post: operations["previewBrace"];
    };
    "/api/people/{person}/brace": {
        post: operations["keepBrace"];
    };
    "/api/people/{person}/brace/{brace}": {
        /** Takes a check back; the row stays, marked as taken back. */
        delete: operations["takeBraceBack"];
    };
    "/api/people/{person}/checks": {
        get: operations["checks"];
    };
    "/api/people/{person}/holds": {
        post: operations["keepHold"];
    };
    "/api/people/{person}/holds/{hold}": {
        /** Takes a hold back; the row stays, marked as taken back. */
        delete: operations["takeHoldBack"];
    };
    "/api/people/{person}/climbs/next": {
        /** What to try next, from the trials so far; nothing is saved. */
        post: operations["nextTrial"];
    };
    "/api/people/{person}/climbs": {
        post: operations["keepClimb"];
    };
    "/api/people/{person}/climbs/{climb}": {
        /** Takes a climb test back; the row stays, marked as taken back. */
        delete: operations["takeClimbBack"];
    };
    "/api/people/{person}/photos": {
        post: operations["keepPhoto"];
    };
    "/api/people/{person}/photos/{photo}": {
        get: operations["photo"];
        /** Takes a picture out for good: what shows a body is not kept against a person's wish. */
        delete: operations["removePhoto"];
    };
    "/api/people/{person}/alignments/preview": {
        /** What the marks come to; nothing is saved. */
        post: operations["previewAlignment"];
    };
    "/api/people/{person}/alignments": {
        post: operations["keepAlignment"];
    };
    "/api/people/{person}/alignments/{alignment}": {
        /** Takes a check back; the row stays, marked as taken back. */
        delete: operations["takeAlignmentBack"];
    };
    "/api/people/{person}/sessions/{session}/cues": {
        get: operations["cueSheet"];
    };
    "/api/people/{person}/sessions/{session}/line": {
        /** What a typed line tells of a training, for fields to be filled with: nothing is kept. */
        post: operations["readLogLine"];
    };
    "/api/people/{person}/logs": {
        /** A log as a whole, and its time: for pages that were open before trainings were told event by event. */
        post: operations["logSession"];
    };
    "/api/people/{person}/logs/{log}/time": {
        /** How long it really was, where what was counted looks odd. */
        put: operations["correctLogTime"];
    };
    "/api/people/{person}/mornings": {
        /** A morning told ladder by ladder: for pages that were open before it was one question. */
        post: operations["tellMorning"];
    };
    "/api/people/{person}/trainings/{training}": {
        /** A training as it is told so far: another device goes on with it, or says which of two things it was. */
        get: operations["training"];
        post: operations["tellTraining"];
    };
    "/api/people/{person}/contact": {
        get: operations["contact"];
        put: operations["changeContact"];
    };
    "/api/home/no-more/{who}": {
        /** From a message, by the link that stands in it: signed, so that nobody ends those of somebody else. */
        post: operations["endMessages"];
    };
    "/api/home": {
        get: operations["home"];
    };
    "/api/home/not-today": {
        /** Asks for another day: the trainer finds one, or asks how the person is. */
        post: operations["notToday"];
    };
    "/api/home/words": {
        /** The person's own words. */
        post: operations["tellWords"];
    };
    "/api/home/no-messages": {
        /** One press ends all messages. */
        post: operations["endMessagesHere"];
    };
    "/api/home/code": {
        /** Lets a second device in, by the code its trainer sees. */
        post: operations["homeCode"];
    };
    "/api/home/sessions/{session}/cues": {
        get: operations["homeCues"];
    };
    "/api/home/trainings/{training}": {
        /** A training as it is told so far, for another device of the person. */
        get: operations["homeTraining"];
        post: operations["tellFromHome"];
    };
    "/api/home/signs": {
        /** A danger sign ticked at home closes training on every path until the trainer has asked. */
        post: operations["tellSigns"];
    };
    "/api/home/open": {
        /** Answers alike whether or not the link opens anything: what is behind it says so. */
        post: operations["openHome"];
    };
    "/api/people/{person}/home-links": {
        get: operations["homeLinks"];
        /** All links that open do so for another twelve weeks from today. */
        put: operations["renewHomeLinks"];
        /** Makes a link. Those of before go on opening until all are taken back. */
        post: operations["makeHomeLink"];
        /** Takes all links of a person back: no device of theirs opens anything any more. */
        delete: operations["revokeHomeLinks"];
    };
    "/api/people/{person}/home-links/message": {
        /** Sends a link of its own in each way the person agreed to. */
        post: operations["sendHomeLink"];
    };
    "/api/people/{person}/home-notes": {
        get: operations["homeNotes"];
        /** A few words to the person, seen at the next opening. */
        post: operations["writeHome"];
    };
    "/api/people/{person}/home-notes/{note}/settle": {
        /** Sees to what was told, with or without an answer. */
        post: operations["settleHomeNote"];
    };
    "/api/people/{person}/home-messages/{message}/settle": {
        /** A message that did not arrive is seen to. */
        post: operations["settleMessage"];
    };
    "/api/people/{person}/sessions/{session}/stages": {
        get: operations["stages"];
        post: operations["addStage"];
    };
    "/api/people/{person}/sessions/{session}/stages/one-a-week": {
        /** One exercise a week, then the next: the first stays, each other comes a week after the one before. */
        post: operations["oneExerciseAWeek"];
        /** What is still to come of one exercise a week comes back to the session, all at once. */
        delete: operations["takeOneAWeekBack"];
    };
    "/api/people/{person}/sessions/{session}/stages/{stage}/again": {
        /** Tries a stage again that was held back, or sees to one that asks something of the trainer. */
        post: operations["bringStageAgain"];
    };
    "/api/people/{person}/sessions/{session}/stages/{stage}": {
        /** What has come stays in the session; a stage still to come is taken out. */
        delete: operations["removeStage"];
    };
    "/api/ladders/{ladder}": {
        get: operations["ladder"];
        put: operations["keepLadder"];
        delete: operations["letGoOfLadder"];
    };
    "/api/ladders/check": {
        /** Nothing is kept: problems and pictures while a ladder is edited. */
        post: operations["checkLadder"];
    };
    "/api/ladders/read": {
        /** Reads a ladder file; nothing is kept. */
        post: operations["readLadder"];
    };
    "/api/ladders/{ladder}/file": {
        get: operations["ladderFile"];
    };
    "/api/library": {
        get: operations["library"];
    };
    "/api/figures/{ladder}": {
        get: operations["figures"];
    };
    "/api/figures/{ladder}/{rung}": {
        get: operations["figures.faults"];
    };
    "/api/method": {
        get: operations["method"];
        put: operations["changeMethod"];
    };
    "/api/method/mine": {
        get: operations["ownMethod"];
        put: operations["changeOwnMethod"];
    };
    "/api/people/{person}/method/own": {
        get: operations["methodOfPerson"];
        put: operations["changeMethodOfPerson"];
    };
    "/api/people/{person}/method/program": {
        get: operations["methodOfProgram"];
        put: operations["changeMethodOfProgram"];
    };
    "/api/people/{person}/method": {
        get: operations["methodTrial"];
    };
    "/api/people": {
        /** Those looked for by beginnings of words of name, work, hobby or aim, and by what wants attention; by name, page by page. */
        get: operations["people"];
        post: operations["addPerson"];
    };
    "/api/people/{person}": {
        get: operations["person"];
        put: operations["changePerson"];
    };
    "/api/people/{person}/archive": {
        /** Puts a person away, with everything that was kept; nothing is deleted. */
        post: operations["archivePerson"];
        delete: operations["restorePerson"];
    };
    "/api/people/{person}/screenings": {
        post: operations["screen"];
    };
    "/api/people/{person}/screenings/{screening}/take-back": {
        /** Takes a mistaken yes back: by whoever wrote it, on the same day, with a reason; the row stays. */
        post: operations["takeScreeningBack"];
    };
    "/api/people/{person}/clearances": {
        post: operations["clear"];
    };
    "/api/people/{person}/clearances/{clearance}": {
        /** Takes a clearance back that was recorded by mistake; the row stays, marked, and what it opened closes again. */
        delete: operations["takeClearanceBack"];
    };
    "/api/people/{person}/record": {
        get: operations["personCopy"];
        /** Asks for the end of a record: put away at once, erased after thirty days, until which they can be brought back. */
        delete: operations["erasePerson"];
    };
    "/api/people/{person}/taken-back/{kind}/{row}": {
        post: operations["bringBack"];
    };
    "/api/practice/access": {
        /** The newest first, page by page; of one person where one is named. */
        get: operations["access"];
    };
    "/api/me": {
        get: operations["me"];
        put: operations["changeMe"];
    };
    "/api/me/password": {
        /** Ends all other sessions of the account: they were opened by the password of before. */
        put: operations["changePassword"];
    };
    "/api/forgotten": {
        /** Answers alike whether or not the address has an account. */
        post: operations["forgotPassword"];
    };
    "/api/password": {
        post: operations["resetPassword"];
    };
    "/api/join": {
        post: operations["join"];
    };
    "/api/catalogue": {
        get: operations["catalogue"];
    };
    "/api/me/second-step": {
        /** From here on it is asked for at each sign-in; answers with the codes for a lost device. */
        put: operations["confirmSecondStep"];
        /** Begins to set it up: it is asked for once a code of it was typed. */
        post: operations["beginSecondStep"];
    };
    "/api/me/second-step/end": {
        post: operations["endSecondStep"];
    };
    "/api/sign-in": {
        post: operations["signIn"];
    };
    "/api/sign-out": {
        post: operations["signOut"];
    };
    "/api/practice/trainers": {
        get: operations["trainers"];
        /** Invites a trainer or a reader by mail. Their name and password they choose themselves. */
        post: operations["inviteTrainer"];
    };
    "/api/practice/trainers/{trainer}/invitation": {
        /** Sends the invitation once more; the link of before holds no longer. */
        post: operations["inviteAgain"];
    };
    "/api/practice/trainers/{trainer}": {
        /** Ends a trainer's access at once: what their devices keep goes at their next contact. What they did stays. */
        delete: operations["endAccess"];
    };
    "/api/practice/trainers/{trainer}/access": {
        /** Lets a trainer in again, with the password they had. */
        post: operations["letInAgain"];
    };
    "/api/practice/trainers/{trainer}/role": {
        /** What somebody may do from now on; whoever reads no longer, or only reads, is shown nobody by it. */
        put: operations["changeRole"];
    };
    "/api/practice/second-step": {
        /** Whether everybody is asked for a second step; who has none sets it up at their next opening. */
        put: operations["askSecondStep"];
    };
    "/api/practice/trainers/{trainer}/second-step": {
        /** For whoever has lost their device and the codes on paper: the password alone signs them in again. */
        delete: operations["endSecondStepOf"];
    };
    "/api/people/{person}/readers": {
        get: operations["readers"];
    };
    "/api/people/{person}/readers/{reader}": {
        /** Shares parts of the record; what was shared with this reader before ends. */
        put: operations["share"];
        /** The reader sees nothing of the person any more; what they wrote stays. */
        delete: operations["endSharing"];
    };
    "/api/people/{person}/readers/{reader}/notes": {
        /** A few words to a reader; whoever answers has read what they wrote. */
        post: operations["writeReader"];
    };
    "/api/people/{person}/notes/{note}": {
        /** That a reader's note was read, or that it waits again. */
        put: operations["markNote"];
        /** Takes one's own note back. */
        delete: operations["takeNoteBack"];
    };
    "/api/reading": {
        get: operations["readings"];
    };
    "/api/reading/{person}": {
        get: operations["reading"];
    };
    "/api/reading/{person}/notes": {
        /** A note for the trainers. It changes nothing of the plan by itself. */
        post: operations["writeNote"];
    };
    "/api/reading/{person}/notes/{note}": {
        /** Takes one's own note back. */
        delete: operations["takeOwnNoteBack"];
    };
    "/api/people/{person}/logs/{log}/sets": {
        get: operations["loggedSets"];
    };
    "/api/people/{person}/logs/{log}/corrections": {
        post: operations["correctSet"];
    };
    "/api/people/{person}/review": {
        get: operations["review"];
    };
    "/api/people/{person}/decisions": {
        /** What was decided before, page by page. */
        get: operations["decisions"];
        post: operations["decide"];
    };
    "/api/people/{person}/decisions/{decision}/take-back": {
        /** Takes a decision back; it stays in the history, marked, and the rung it moved goes back. Asked twice, it answers as the first time. */
        post: operations["takeDecisionBack"];
    };
    "/api/rules": {
        get: operations["rules"];
    };
    "/api/people/{person}/sessions/start": {
        post: operations["startSession"];
    };
    "/api/people/{person}/sessions/templates": {
        get: operations["sessionTemplates"];
    };
    "/api/people/{person}/sessions/text": {
        post: operations["readSessionText"];
    };
    "/api/people/{person}/sessions/sums": {
        post: operations["sumSession"];
    };
    "/api/people/{person}/sessions/orders": {
        post: operations["orderSession"];
    };
    "/api/people/{person}/sessions/fit": {
        post: operations["fitSession"];
    };
    "/api/people/{person}/sessions/next-doses": {
        get: operations["nextDoses"];
    };
    "/api/people/{person}/sessions": {
        /** Newest first, page by page; the session at hand and the one that is asked for stand in the first page in any case. */
        get: operations["sessions"];
        post: operations["writeSession"];
    };
    "/api/people/{person}/sessions/{session}": {
        get: operations["session"];
        put: operations["changeSession"];
        /** Lets go of a session; it can be brought back for 30 days, and what was done in it stays. */
        delete: operations["deleteSession"];
    };
    "/api/people/{person}/sessions/{session}/restore": {
        post: operations["bringSessionBack"];
    };
    "/api/people/{person}/sessions/preview": {
        post: operations["previewSession"];
    };
    "/api/people/{person}/sessions/{session}/sheet": {
        get: operations["sheet"];
    };
    "/api/people/{person}/sessions/{session}/sheet/pdf": {
        /** The same on paper; with the address of a link that was made for it, where one was. */
        post: operations["sheetPdf"];
    };
    "/api/squads": {
        get: operations["squads"];
        /** A new squad: with a station for every demand of the week, and the clock of its people's levels. */
        post: operations["beginSquad"];
    };
    "/api/squads/{squad}": {
        get: operations["squad"];
        put: operations["changeSquad"];
        /** Lets go of a squad; it can be brought back for 30 days, and what its people did stays. */
        delete: operations["letGoOfSquad"];
    };
    "/api/squads/{squad}/restore": {
        post: operations["bringSquadBack"];
    };
    "/api/squads/{squad}/times": {
        /** When in the week it could meet, and what stands against each time for whom. */
        get: operations["squadTimes"];
    };
    "/api/squads/{squad}/sessions": {
        /** Writes for everybody who is here the session they do now, each on their own rungs. */
        post: operations["writeSquadSessions"];
    };
    "/api/people/{person}/calendar": {
        get: operations["calendar"];
        put: operations["setUpCalendar"];
    };
    "/api/people/{person}/calendar/file": {
        get: operations["calendarFile"];
    };
    "/api/people/{person}/calendar/address": {
        /** A new private address; the one before it no longer answers. */
        post: operations["makeCalendarAddress"];
        delete: operations["revokeCalendarAddress"];
    };
    "/api/people/{person}/weeks/{date}": {
        /** The week in which a date lies. */
        get: operations["week"];
        put: operations["layOutWeek"];
    };
    "/api/people/{person}/weeks/{date}/shape": {
        /** Writes the sessions of a shape, and says where they would stand: nothing of the plan changes before it is taken. */
        post: operations["shapeWeek"];
    };
    "/api/people/{person}/soreness": {
        post: operations["tellSoreness"];
    };
    "/api/people/{person}/program": {
        get: operations["program"];
    };
    "/api/people/{person}/program/why/{ladder}": {
        get: operations["programWhy"];
    };
    "/api/people/{person}/program/proposal": {
        post: operations["proposeProgram"];
    };
    "/api/people/{person}/programs": {
        post: operations["takeProgram"];
    };
    "/api/people/{person}/programs/{program}": {
        /** A version compared with the one that holds. */
        get: operations["programVersion"];
    };
    "/api/people/{person}/programs/{program}/again": {
        /** An earlier version holds again: its weeks from today on; what is past stays. */
        post: operations["takeProgramAgain"];
    };
    "/api/people/{person}/program/weeks/{date}": {
        /** Writes the sessions of a week and places them. */
        post: operations["writeProgramWeek"];
    };
    "/api/people/{person}/program/weeks/{date}/take-out": {
        /** Takes what was last written into a week out of it again. */
        post: operations["takeOutProgramWeek"];
    };
    "/api/people/{person}/programs/{program}/take-back": {
        /** The program that holds is taken back: the version before it holds again, or none. */
        post: operations["takeProgramBack"];
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        /** @description What somebody did with the record of a person on a day. */
        AccessView: {
            id: string;
            /** @description date */
            day: string;
            by: string;
            person: string;
            name: string;
            /** @description how often, by step; empty where it was only read */
            wrote: { [key: string]: number; };
            /** @description taken */
            copies: number;
        };
        AccessesView: {
            /** @description the newest first */
            lines: components["schemas"]["AccessView"][];
            /** @description where the list goes on */
            next: string | null;
            /** @description the last backup that was restored once and the same, a moment; null for none */
            backedUpAt: string | null;
            /** @description none was made for a week */
            isBackupOld: boolean;
            /** @description those to come by date, then those that were, the newest first */
            erasures: components["schemas"]["ErasureView"][];
        };
        /** @description Whether the person may be planned for, trained and coached today. */
        AdmissionView: {
            open: boolean;
            urgency: string | null;
            urgencyText: string | null;
            reason: components["schemas"]["ReasonView"] | null;
        };
        /** @description An activation rung that is advised before some rungs of a ladder and is not done yet. */
        AdvisedView: {
            /** @description slug */
            before: string;
            /** @description slugs */
            rungs: string[];
            reason: components["schemas"]["ReasonView"];
        };
        AgainRequest: {
            id: string;
            /** @description the version it was compared with; null where none held */
            replaces: string | null;
        };
        /** @description The parts of work an aim asks for, by demand. */
        AimSharesView: {
            /** @enum {string} */
            aim: "even" | "desk-and-back" | "throwing-and-field" | "endurance" | "strength" | "bending-and-hanging" | "under-clinician" | "youth";
            shares: { [key: string]: number; };
        };
        /** @description Marks on a picture, in its pixels. */
        AlignmentRequest: {
            /** @description ULID made by the caller: sending twice saves once */
            id: string;
            /** @enum {string} */
            view: "side" | "behind";
            /** @description the picture that was marked; null for a drawing */
            photo: string | null;
            /** @description ankle, knee, hip, shoulder and ear from the side; left and right from behind */
            marks: { [key: string]: components["schemas"]["PointInput"]; };
            scaleFrom: components["schemas"]["PointInput"] | null;
            scaleTo: components["schemas"]["PointInput"] | null;
            /** @description known length between the two marks of the scale */
            centimetres: number | null;
            note: string;
        };
        /** @description An alignment check as it was kept. */
        AlignmentRowView: {
            id: string;
            /** @enum {string} */
            view: "side" | "behind";
            photo: string | null;
            found: components["schemas"]["AlignmentView"];
            note: string;
            testedOn: string;
        };
        /** @description What marks on a picture come to. */
        AlignmentView: {
            /** @description sag or a lower left side above 0, pike or a lower right side below */
            degrees: number;
            centimetres: number | null;
            inLine: boolean;
            /** @description the verdict first */
            reasons: components["schemas"]["ReasonView"][];
        };
        AllowanceRequest: {
            /** @description ULID made by the caller: sending twice allows once */
            id: string;
            rung: string;
            reason: string;
        };
        /** @description A rung the trainer allowed a person in spite of what rules it out. */
        AllowanceView: {
            id: string;
            rung: string;
            reason: string;
            /** @description date */
            allowedOn: string;
        };
        /** @description The same session, told by another device on the same day. */
        AlsoToldView: {
            id: string;
            device: string;
            /** @description milliseconds since 1970 */
            startedAt: number;
            sets: number;
            ended: boolean;
        };
        /** @description One angle of a joint, and how far it goes in degrees. */
        AngleView: {
            name: string;
            min: number;
            max: number;
        };
        /** @description A session of another week that the person asked from home to put off. */
        AskedElsewhereView: {
            note: string;
            /** @description of that week */
            monday: string;
            sentence: string;
        };
        /** @description A session that the person asked from home to put off, with the move that core found. */
        AskedView: {
            /** @description that asks for it */
            note: string;
            slot: string;
            /** @description 1 Monday to 7 Sunday, on which it stands */
            day: number;
            sentence: string;
            /** @description how the person is goes before when they train */
            isAskedAbout: boolean;
            /** @description null where no later day of the week is free */
            repair: components["schemas"]["WeekRepairView"] | null;
        };
        AuthenticatorCodeRequest: {
            /** @description as the authenticator shows it */
            code: string;
        };
        /** @description A person on the bench, with the single next action. */
        BenchLineView: {
            id: string;
            name: string;
            about: string;
            /** @description why the line is here */
            sentence: string;
            /** @description what to do next */
            action: string;
            /** @enum {string} */
            step: "person" | "checks" | "board" | "session" | "week" | "weeks" | "sheet" | "coach" | "review";
            /** @enum {string} */
            status: "stop" | "watch" | "ready" | "information";
            /** @description spread of the board, such as 1.6; null when there is none */
            spread: string | null;
            weakest: string | null;
            lastDone: string | null;
        };
        /** @description A squad that meets today, and of which nothing is told yet. */
        BenchSquadView: {
            id: string;
            name: string;
            /** @description when, and how many of what */
            sentence: string;
        };
        /** @description What needs the trainer today, most urgent first. */
        BenchView: {
            today: string;
            /** @description that meet today, in order of time */
            squads: components["schemas"]["BenchSquadView"][];
            /** @description of this page */
            lines: components["schemas"]["BenchLineView"][];
            /** @description what to ask for after these lines; null when there are no more */
            next: string | null;
            /** @description so many lines are still to be made anew: they come with the next asking */
            old: number;
        };
        BlockInput: {
            /** @enum {string} */
            kind: "straight" | "circuit";
            /** @enum {string} */
            part: "primer" | "main" | "finisher";
            items: components["schemas"]["ItemInput"][];
            gapSeconds: number[];
            roundRestSeconds: number;
        };
        BlockView: {
            /** @enum {string} */
            kind: "straight" | "circuit";
            /** @enum {string} */
            part: "primer" | "main" | "finisher";
            items: components["schemas"]["ItemView"][];
            gapSeconds: number[];
            roundRestSeconds: number;
            rounds: number;
            totals: components["schemas"]["TotalsView"] | null;
        };
        /** @description Limits and kit as they stand in a form that is not saved yet. */
        BoardChangeRequest: {
            kit: string[];
            limits: components["schemas"]["LimitInput"][];
        };
        /** @description The whole board under other limits or kit, before they are saved. */
        BoardChangeView: {
            sentence: string;
            /** @description rungs that close */
            closing: number;
            /** @description rungs that open */
            opening: number;
            /** @description working rungs that are no longer open */
            changes: components["schemas"]["LimitEffectView"][];
            /** @description short names of demands of which no rung is left */
            leftOpen: string[];
        };
        BoardView: {
            demands: components["schemas"]["DemandView"][];
            spread: number | null;
            spreadText: string | null;
            spreadReason: components["schemas"]["ReasonView"];
            /** @description rungs closed by limits or kit */
            ruledOut: number;
            /** @description rungs the method does not use */
            putAway: number;
            /** @description spread four weeks ago */
            spreadBefore: string | null;
            /** @description of rungs the person has an own set-up for */
            setUps: components["schemas"]["SetUpView"][];
        };
        /** @description What a brace check asks for, in mmHg and seconds. */
        BraceBandView: {
            target: number;
            low: number;
            high: number;
            seconds: number;
            /** @description where a simulated cuff speaks; null where a real one is read at the browser's own port */
            cuff: string | null;
        };
        /** @description Readings of a cuff, or seconds timed by hand. */
        BraceRequest: {
            /** @description ULID made by the caller: sending twice saves once */
            id: string;
            /** @description none where it was timed by hand */
            samples: components["schemas"]["BraceSampleInput"][];
            /** @description timed by hand; null where a cuff was read */
            seconds: number | null;
        };
        /** @description A brace check as it was kept. */
        BraceRowView: {
            id: string;
            found: components["schemas"]["BraceView"];
            testedOn: string;
        };
        /** @description One reading of a cuff. */
        BraceSampleInput: {
            /** @description since the check began */
            ms: number;
            mmHg: number;
        };
        /** @description What the readings of a cuff come to. */
        BraceView: {
            seconds: number;
            secondsInBand: number;
            longestInBand: number;
            /** @description mmHg a minute */
            drift: number;
            held: boolean;
            reason: components["schemas"]["ReasonView"];
        };
        CalendarRequest: {
            /** @description version that was read; 0 when nothing was kept yet */
            version: number;
            /** @description when the morning session begins, such as 07:30 */
            morning: string;
            midday: string;
            evening: string;
            /** @description before the start; null for none */
            alarmMinutes: number | null;
        };
        /** @description How a person's plan goes into a calendar. */
        CalendarView: {
            version: number;
            morning: string;
            midday: string;
            evening: string;
            alarmMinutes: number | null;
            /** @description there is a private address */
            subscribed: boolean;
            /** @description the private address, told once when it is made */
            address: string | null;
            addressMadeOn: string | null;
            /** @description when a calendar last asked for it */
            lastReadAt: string | null;
        };
        /** @description A case that shows what a rule makes of a log. */
        CaseView: {
            name: string;
            /** @description rung, method, person */
            given: string;
            /** @description session by session */
            log: string[];
            /** @description what the rules make of it */
            outcome: string;
        };
        /** @description The closed lists that forms choose from, in the words of the core. */
        CatalogueView: {
            aims: components["schemas"]["ChoiceView"][];
            kit: components["schemas"]["ChoiceView"][];
            states: components["schemas"]["StateView"][];
            dangerSigns: components["schemas"]["DangerSignView"][];
            /** @description who can answer them */
            respondents: components["schemas"]["ChoiceView"][];
            positions: components["schemas"]["ChoiceView"][];
            levers: components["schemas"]["ChoiceView"][];
            doseKinds: string[];
            loads: components["schemas"]["ChoiceView"][];
            /** @description that figures may start from */
            poses: string[];
            trainingKinds: components["schemas"]["ChoiceView"][];
            aimShares: components["schemas"]["AimSharesView"][];
            demands: components["schemas"]["ChoiceView"][];
            /** @description of a figure */
            joints: components["schemas"]["JointView"][];
            /** @description of the body that can carry it, hold and meet */
            places: string[];
            /** @description that a figure can have */
            figureKit: string[];
            faultKinds: components["schemas"]["FaultKindView"][];
            /** @description a cue of a rung may be about */
            topics: components["schemas"]["ChoiceView"][];
            workKinds: components["schemas"]["ChoiceView"][];
            /** @description where the work of a rung may come from, for the bottom-up order */
            worksFrom: components["schemas"]["ChoiceView"][];
        };
        /** @description A limit that holds for the person: what it asks, what it does, and where it comes from. */
        CautionView: {
            name: string;
            origin: string;
            caution: string;
            effects: string[];
        };
        /** @description A part of a day of the week, or a clock time in it: where something stands. */
        Cell: {
            /** @description 1 Monday to 7 Sunday */
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @description it starts at, after midnight; null where only the part of the day is known */
            minute: number | null;
        };
        /** @description Why a cell of the program that holds is what it is. */
        CellWhyView: {
            monday: string;
            reason: components["schemas"]["ReasonView"] | null;
            whySets: components["schemas"]["ReasonView"] | null;
        };
        /** @description What was tested, how it compares, and where it says to start. */
        ChecksView: {
            holds: components["schemas"]["HoldTestView"][];
            /** @description ratios and side differences */
            notes: components["schemas"]["ReasonView"][];
            /** @description newest first */
            climbs: components["schemas"]["ClimbView"][];
            ladders: components["schemas"]["ClimbableView"][];
            /** @description weakest first; none while nothing was tested */
            starts: components["schemas"]["StartView"][];
            /** @description where the person stays, higher than the tests can say */
            stays: components["schemas"]["ReasonView"][];
            /** @description ladders without a start, since they begin above what was tested */
            waiting: components["schemas"]["ReasonView"][];
            /** @description newest first */
            braces: components["schemas"]["BraceRowView"][];
            /** @description newest first */
            alignments: components["schemas"]["AlignmentRowView"][];
            braceBand: components["schemas"]["BraceBandView"];
        };
        /** @description A session under one choice of the method. */
        ChoiceTrialView: {
            /** @enum {string} */
            choice: "movements-allowed/resist-only" | "movements-allowed/extension-too" | "movements-allowed/all-trained" | "side-plank-feet/top-foot-in-front" | "side-plank-feet/stacked" | "side-plank-feet/by-ability" | "front-plank-next-step/movement" | "front-plank-next-step/hands" | "hold-strategy/short-repeated" | "hold-strategy/capped" | "hold-strategy/long" | "too-weak-for-plank/knees" | "too-weak-for-plank/short-bouts" | "order/base-first" | "order/carry-first" | "order/bottom-up" | "order/fewest-moves" | "order/weakest-first" | "counting-reps/each-side" | "counting-reps/pairs" | "counting-reps/movements" | "leaving-a-rung/two-clean-and-a-week" | "leaving-a-rung/as-soon-as-clean" | "leaving-a-rung/one-to-two-weeks" | "low-back-feeling/cue-first" | "low-back-feeling/step-down" | "low-back-feeling/rest-and-go-on" | "activation-before/advised" | "activation-before/closed" | "placement/finisher" | "placement/primer" | "placement/own-day" | "placement/mixed" | "frequency/two-to-three-days" | "frequency/short-daily" | "frequency/rest-when-sore" | "effort/reserve" | "effort/near-the-limit" | "trunk-technique/brace" | "trunk-technique/navel-in" | "trunk-technique/navel-in-then-brace" | "low-back-lying/natural-arch" | "low-back-lying/pressed-flat" | "pelvis-in-planks/neutral" | "pelvis-in-planks/tucked" | "pelvis-in-planks/slightly-high" | "shoulder-blades/neutral" | "shoulder-blades/down-and-back" | "shoulder-blades/pushed-away" | "squeeze/third" | "squeeze/full" | "breathing/out-on-effort" | "breathing/in-on-the-reach" | "breathing/small-sips" | "forearms/parallel" | "forearms/joined" | "pull-in-rollouts/from-the-trunk" | "pull-in-rollouts/arms-help" | "chops-and-turns/trunk-still" | "chops-and-turns/trunk-turns";
            /** @description what is different from the present method; empty when nothing is */
            changes: string[];
            totalText: string;
            /** @description the session as lines of text */
            text: string;
        };
        /** @description A value with its label, for lists to choose from. */
        ChoiceView: {
            value: string;
            label: string;
        };
        /** @description Things in the week that stand in each other’s way, or something it lacks. */
        ClashView: {
            reason: components["schemas"]["ReasonView"];
            slots: string[];
            /** @description where the other training stands that is concerned */
            other: components["schemas"]["Cell"][];
            repairs: components["schemas"]["WeekRepairView"][];
        };
        ClearanceRequest: {
            id: string;
            clinician: string;
            scope: string;
            from: string;
            until: string;
        };
        ClearanceView: {
            id: string;
            clinician: string;
            scope: string;
            from: string;
            until: string;
            recordedOn: string;
        };
        /** @description A climb test as far as it went. */
        ClimbRequest: {
            /** @description ULID made by the caller: sending twice saves once */
            id: string;
            ladder: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            /** @description rung the trainer thinks the person stands on */
            guess: string | null;
            trials: components["schemas"]["ClimbTrialInput"][];
        };
        /** @description The next trial of a climb test, or how it ended. */
        ClimbStepView: {
            /** @description rung to try now; null when the test is over */
            next: string | null;
            /** @description the small trial in words */
            doseText: string | null;
            /** @description seconds of a hold; null where it is not held */
            holdSeconds: number | null;
            /** @description form check of the trial, in the order asked */
            questions: components["schemas"]["ChoiceView"][];
            /** @description for each trial so far, whether it was */
            clean: boolean[];
            /** @description highest pain of a clean trial, of 10 */
            cleanPain: number;
            workingRung: string | null;
            reason: components["schemas"]["ReasonView"] | null;
        };
        /** @description One trial of a climb test. */
        ClimbTrialInput: {
            rung: string;
            /** @description form questions answered with no */
            faults: string[];
            pain: number;
        };
        /** @description A climb test as it ended. */
        ClimbView: {
            id: string;
            ladder: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            workingRung: string | null;
            sentence: string;
            testedOn: string;
        };
        /** @description A ladder that can be climbed in a test. */
        ClimbableView: {
            ladder: string;
            /** @description left and right are tried apart */
            sided: boolean;
            /** @description where the person stands: the test begins two rungs below */
            guess: string | null;
        };
        /** @description A rung that is not open to the person, on one side or at all. */
        ClosedRungView: {
            slug: string;
            openLeft: boolean;
            openRight: boolean;
            /** @description the method does not use it */
            putAway: boolean;
            /** @description the trainer may allow it for this person, with a reason */
            mayBeAllowed: boolean;
            reasons: components["schemas"]["ReasonView"][];
        };
        CodeRequest: {
            /** @description six figures that the trainer sees */
            code: string;
        };
        ConditionView: {
            /** @description null when something was not logged */
            met: boolean | null;
            reason: components["schemas"]["ReasonView"];
        };
        ContactRequest: {
            /** @description that was read; 0 when nothing was kept yet */
            version: number;
            mail: string | null;
            phone: string | null;
            byMail: boolean;
            byText: boolean;
            /** @description on training days */
            reminders: boolean;
            /** @description the question of the morning after */
            mornings: boolean;
            /** @description the person agreed to be written to in these ways */
            agreed: boolean;
        };
        /** @description How a person may be written to. */
        ContactView: {
            /** @description 0 when nothing was kept yet */
            version: number;
            mail: string | null;
            phone: string | null;
            byMail: boolean;
            byText: boolean;
            reminders: boolean;
            mornings: boolean;
            /** @description date; null where nobody agreed */
            agreedOn: string | null;
            /** @description date on which the person ended it */
            endedOn: string | null;
            /** @description texts can be sent at all */
            hasTexts: boolean;
            /** @description date and time a message went out last */
            lastSent: string | null;
        };
        /** @description A core session of every week. */
        CoreSlotView: {
            id: string;
            session: string;
            /** @description 1 Monday to 7 Sunday */
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @enum {string} */
            placement: "primer" | "finisher" | "own-day" | "daily";
            /** @description planned, 0 to 10 */
            effort: number;
            /** @description Monday of the one week it is for; null for every week */
            only: string | null;
            /** @description it starts at, such as 17:30; null where only the part of the day is planned */
            time: string | null;
        };
        CorrectionRequest: {
            id: string;
            item: string;
            set: number;
            both: number | null;
            left: number | null;
            right: number | null;
            pain: number | null;
            effort: number | null;
        };
        /** @description One thing the player shows and counts down, of a set. */
        Cue: {
            /** @enum {string} */
            stretch: "work" | "gap" | "rest" | "side-change" | "change-over";
            /** @description it takes; of an open set, as is estimated */
            seconds: number;
            /** @enum {string} */
            side: "left" | "right" | "both";
            target: number;
            repetitions: number;
            /** @description of one repetition; empty where the set is not in repetitions */
            phases: components["schemas"]["CuePhase"][];
            /** @description the set is over after this cue: the form check is asked */
            endsSet: boolean;
            /** @description seconds an open set is counted up to, until somebody ends it; null where it is counted down */
            until: number | null;
        };
        /** @description What is rested inside a block, by its kind. */
        CueBlock: {
            /** @enum {string} */
            part: "primer" | "main" | "finisher";
            /** @description exercises in the order of the block */
            items: string[];
            /** @description after each station but the last; null where the sets are straight */
            gapSeconds: number[] | null;
            /** @description between rounds; null where the sets are straight */
            roundRestSeconds: number | null;
        };
        /** @description A part of one repetition for the player: its word and seconds. */
        CuePhase: {
            word: string;
            seconds: number;
            isPause: boolean;
        };
        /** @description What the player plays, in pieces it strings together, with what it asks first. */
        CueSheetView: {
            session: string;
            title: string;
            totalText: string;
            blocks: components["schemas"]["CueBlock"][];
            /** @description the sets in the order written */
            steps: components["schemas"]["CueStep"][];
            /** @description of every exercise, as written first */
            ways: components["schemas"]["CueWayView"][];
            /** @description seconds from each way to each other one, in the order of the ways */
            changeOvers: number[][];
            /** @description of limits; on the person's own page what is less than was written */
            cautions: string[];
            /** @description what of the session a limit, missing kit or a decision that waits keeps from it */
            leftOut: components["schemas"]["ReasonView"][];
            /** @description what has moved on since it was written */
            movedOn: components["schemas"]["ReasonView"][];
            /** @description that was not asked for yet */
            morning: components["schemas"]["MorningQuestionView"] | null;
            /** @description where it can hurt */
            painPlaces: components["schemas"]["PainPlaceView"][];
            /** @description where it can be felt, the right one first */
            feltPlaces: components["schemas"]["ChoiceView"][];
            /** @description why it can end before the last set */
            endReasons: components["schemas"]["ChoiceView"][];
            /** @description trainings of this session that devices tell of today and that have not ended */
            underWay: components["schemas"]["AlsoToldView"][];
            /** @description why only activation is done today: a sore trunk */
            activationOnly: components["schemas"]["ReasonView"] | null;
            /** @description pain above this stops the exercise */
            painStopsAbove: number;
            /** @description so many exercises the person picks; null for all */
            picks: number | null;
        };
        /** @description One set of one exercise, in the order of a session. */
        CueStep: {
            item: string;
            /** @description from 1; in a circuit the round */
            set: number;
        };
        /** @description What the player needs to know of an exercise done in one way: as written, or in an easier version. */
        CueWayView: {
            id: string;
            /** @description tells it from the other ways of the exercise */
            key: string;
            /** @description what makes it easier; null as written */
            easier: string | null;
            rung: string;
            name: string;
            dose: string;
            doseText: string;
            sets: number;
            /** @description sets on top, while the last was clean */
            optional: number;
            restSeconds: number;
            /** @description the cues of each set, then of each optional one */
            pieces: components["schemas"]["Cue"][][];
            /** @enum {string} */
            unit: "reps" | "seconds" | "metres";
            /** @description what each set asks for, per side where sides count apart; an open one its cap */
            targets: number[];
            /** @description what is told of each set: both at once, each side, or the one that works */
            sides: ("both" | "each" | "left" | "right")[];
            cues: string[];
            /** @description how it is checked by touch, prop or photo */
            check: string;
            faults: components["schemas"]["Fault"][];
            fallback: string;
            /** @description the person’s own set-up; empty for none */
            setUp: string;
            /** @description form check, in the order asked */
            questions: components["schemas"]["ChoiceView"][];
            /** @description where it should be felt */
            felt: string;
            figure: components["schemas"]["Figure"];
            fault: components["schemas"]["DrawnFault"] | null;
            /** @description places it asks something of, where pain may be told */
            loads: string[];
            /** @description told of this rung last; offered, never taken for granted */
            lastEffort: number | null;
            /**
             * @description where it was felt last
             * @enum {string|null}
             */
            lastFelt: "right" | "low-back" | "neck" | "back-of-thigh" | "front-of-hip" | "shoulder" | "wrist" | "knee" | "elsewhere" | null;
        };
        CurrentPasswordRequest: {
            /** @description the present password */
            current: string;
        };
        DangerSignView: {
            value: string;
            question: string;
            /** @enum {string} */
            urgency: "emergency" | "same-day" | "before-training";
            urgencyText: string;
        };
        DecisionRequest: {
            id: string;
            log: string;
            ladder: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            /** @enum {string} */
            choice: "climb" | "stay" | "step-down" | "stop-ladder" | "refer";
            reason: string;
        };
        /** @description A decision that was taken. */
        DecisionView: {
            id: string;
            decidedOn: string;
            /** @description what it is about was done at home, and told by the person */
            atHome: boolean;
            ladderName: string;
            side: string;
            rungName: string;
            /** @enum {string} */
            proposed: "climb" | "stay" | "step-down" | "stop-ladder" | "refer";
            /** @enum {string} */
            choice: "climb" | "stay" | "step-down" | "stop-ladder" | "refer";
            choiceText: string;
            toName: string | null;
            choiceReason: string;
            /** @description sentences of the rules at the time */
            reasons: string[];
            takenBack: boolean;
            canTakeBack: boolean;
            /** @description later moves on the ladder that stay as they are, once it is taken back */
            stays: string[];
        };
        /** @description What was decided, a page of it. */
        DecisionsView: {
            /** @description newest first */
            decisions: components["schemas"]["DecisionView"][];
            /** @description what to ask for after these; null when there are no more */
            older: string | null;
        };
        /** @description A session that was let go of and can still be brought back. */
        DeletedSessionView: {
            id: string;
            title: string;
            deletedOn: string;
        };
        /** @description A demand on the board: its height and whether anything of it is open. */
        DemandView: {
            value: string;
            shortName: string;
            height: number | null;
            heightText: string | null;
            toppedOut: boolean;
            /** @description nothing is known of it but a guess */
            guessed: boolean;
            weakest: boolean;
            /** @description limits and kit leave no rung of this demand */
            nothingFits: boolean;
            ladders: components["schemas"]["LadderView"][];
        };
        /** @description A set that was told in different ways: the first one holds until somebody says which it was. */
        DifferingSetView: {
            item: string;
            number: number;
            /** @description of the exercise */
            name: string;
            /** @description the first told first */
            ways: components["schemas"]["ToldSetView"][];
        };
        /** @description A dose taken apart for editing by fields. */
        DoseFields: {
            /** @enum {string} */
            kind: "reps" | "hold" | "falling" | "gathered" | "carry" | "timed" | "open";
            sets: number;
            /** @description repetitions, holds or metres */
            count: number;
            /** @description of a hold or a timed set; 0 where there is none */
            seconds: number;
            gapSeconds: number;
            perSide: boolean;
            tempo: string | null;
            restSeconds: number | null;
            kilograms: string | null;
            /** @description holds of each falling set, such as 6-5-4; empty elsewhere */
            counts: string;
            /** @description of an open set */
            cap: number | null;
            /** @description an open set held for time, not counted */
            forTime: boolean;
            optionalSets: number;
            /**
             * @description how repetitions of two sides are counted here: what stands behind the count
             * @enum {string}
             */
            suffix: "/side" | " pairs" | " moves";
            /**
             * @description which side works; `both` where each does, or both at once
             * @enum {string}
             */
            works: "both" | "left" | "right";
            extraSets: number;
            /**
             * @description which the extra sets are of; null without any
             * @enum {string|null}
             */
            extraSide: "left" | "right" | null;
            /** @description as it is written, such as 45cm or half */
            range: string | null;
            /** @description of a band, as it is written: light, middle, strong or 80N */
            pull: string | null;
        };
        /** @description A session made from the person's working rungs, not saved yet. */
        DraftView: {
            title: string;
            preview: components["schemas"]["PreviewView"];
            /** @description what was replaced or left out, and why */
            notes: components["schemas"]["ReasonView"][];
            /** @description where it comes from, in words */
            origin: string;
        };
        /** @description A fault as a picture, to stand beside the right one. */
        DrawnFault: {
            /** @description in words */
            kind: string;
            seen: string;
            fix: string;
            figure: components["schemas"]["Figure"];
        };
        /** @description A session of the practice that another can start from. */
        EarlierSessionView: {
            id: string;
            title: string;
            person: string;
            /** @description of the person at hand */
            own: boolean;
            changedAt: string;
        };
        /** @description One change to a session, by the ids of its exercises. */
        EditView: {
            /** @enum {string} */
            kind: "swap" | "dose" | "gap" | "order" | "remove" | "add";
            items: string[];
            rung: string | null;
            dose: string | null;
            seconds: number | null;
            /** @enum {string|null} */
            part: "primer" | "main" | "finisher" | null;
            /** @description the dose is the table's: where the one that is due is known, it takes its place */
            byTable: boolean;
        };
        /** @description A record that is to be erased on a date, or that was. */
        ErasureView: {
            /** @description null where it was erased */
            person: string | null;
            /** @description empty where it was erased */
            name: string;
            on: string;
            /** @description who asked for it */
            by: string;
        };
        /** @description What every error looks like. */
        ErrorView: {
            code: string;
            sentence: string;
            /** @description sentences by path of the field */
            fields: { [key: string]: string[]; };
            id: string;
            /** @description what is saved now, after a conflict */
            present: Record<string, never> | null;
        };
        /** @description One thing a device told of a training. It may arrive late, often and in any order: what it takes the place of it says */
        Event: {
            /** @description made by the device; in order of its own time */
            id: string;
            /** @enum {string} */
            kind: "set" | "undone" | "skipped" | "before" | "time" | "ended" | "morning" | "joined" | "apart";
            /** @description events of the same thing this one takes the place of */
            instead: string[];
            /** @description seconds after the start of the training at which something was done */
            moments: number[];
            /** @description exercise, where it is of a set */
            item: string | null;
            /** @description of the set, from 1 */
            number: number | null;
            set: components["schemas"]["ReportedSet"] | null;
            /** @description null takes the answer back */
            before: components["schemas"]["StartPain"][] | null;
            /** @description that were trained */
            seconds: number | null;
            /** @description training this one is, or is not; of a morning the log it comes after */
            other: string | null;
            /**
             * @description it ended before the last set; null where it did not, or nobody said
             * @enum {string|null}
             */
            why: "time" | "pain" | "form" | "tired" | "place" | "other" | null;
            /** @description of a morning: none for nothing anywhere */
            pains: components["schemas"]["MorningPain"][] | null;
        };
        /** @description One thing a device tells of a training, as it is sent; core's Event with what is not said left out. */
        EventInput: {
            /** @description made by the device, in order of its own time */
            id: string;
            /** @enum {string} */
            kind: "set" | "undone" | "skipped" | "before" | "time" | "ended" | "morning" | "joined" | "apart";
            /** @description events of the same thing this one takes the place of */
            instead: string[];
            /** @description seconds after the start at which something was done since the last one told */
            moments: number[];
            /** @description exercise, where it is of a set */
            item?: string | null;
            /** @description of the set, from 1 */
            number?: number | null;
            set?: components["schemas"]["ReportedSet"] | null;
            /** @description pain before the first set; null when nobody asked */
            before?: components["schemas"]["StartPain"][] | null;
            /** @description that were trained */
            seconds?: number | null;
            /** @description training this one is, or is not; of a morning the log it comes after */
            other?: string | null;
            /**
             * @description it ended before the last set
             * @enum {string|null}
             */
            why?: "time" | "pain" | "form" | "tired" | "place" | "other" | null;
            /** @description of a morning: none for nothing anywhere */
            pains?: components["schemas"]["MorningPain"][] | null;
        };
        /** @description What a set of the evidence says, in words. */
        EvidenceView: {
            set: number;
            done: string;
            faults: string[];
            /** @description a wrong place, in words; empty where it was felt right or nobody asked */
            felt: string;
            pain: number | null;
            /** @enum {string|null} */
            painSide: "left" | "right" | "both" | null;
            /** @description where it hurt, in words; empty when not told */
            painPlace: string;
            /** @description it was there before the session and is not where the rung loads */
            painKept: boolean;
            effort: number | null;
            /** @description pain that the rules act on */
            painActs: boolean;
            /** @description effort above what a climb allows this person */
            tooHard: boolean;
        };
        /** @description A fault to see, and what mends it. */
        Fault: {
            seen: string;
            fix: string;
            /**
             * @description how it is drawn; null where it cannot be seen in a still: breath, tension, haste, a grip
             * @enum {string|null}
             */
            kind: "low-back-sags" | "back-rounds" | "back-presses" | "seat-rises" | "hips-sink" | "side-sags" | "hip-drops" | "trunk-turns" | "trunk-leans" | "ribs-flare" | "head-pokes" | "head-hangs" | "shoulders-shrug" | "shoulder-hangs" | "shoulders-roll" | "blades-wing" | "knee-falls-in" | "knee-falls-out" | "weight-shifts" | "pelvis-rocks" | "range-too-far" | "limb-drops" | "hands-drift" | "elbows-bend" | "knees-bend" | null;
        };
        /** @description A kind of fault, and whether a still shows it. */
        FaultKindView: {
            value: string;
            label: string;
            drawn: boolean;
        };
        /** @description The picture of a rung: where the points of a body are in each frame of its way, and the kit with it. */
        Figure: {
            /** @description degrees round and up from which the demand shows */
            view: number[];
            /**
             * @description at work, where one is
             * @enum {string}
             */
            side: "left" | "right";
            /** @description from start to end, the points of each in the order of Shape::POINTS; a single one where the rung is held */
            frames: number[][];
            kit: components["schemas"]["KitFrames"][];
            /** @description places on the floor that carry, for each frame */
            shadow: number[][];
            /** @description the arrow of what is resisted at the end: six numbers, from where to where; none where there is none */
            force: number[];
        };
        FitRequest: {
            /** @description of the session itself, so that it does not count as another one of the week */
            id: string;
            /** @description of this session; the person’s own when null */
            minutes: number | null;
            /** @description so many of its exercises the person picks; null for all */
            picks: number | null;
            blocks: components["schemas"]["BlockInput"][];
        };
        /** @description One step towards the minutes, and the session once it and all before it are taken. */
        FitStepView: {
            reason: components["schemas"]["ReasonView"];
            savedSeconds: number;
            totalSeconds: number;
            totalText: string;
            blocks: components["schemas"]["WrittenBlockView"][];
        };
        /** @description How a session comes down to its minutes, or what minutes left over could give to the weakest demand. */
        FitView: {
            /** @description seconds over the minutes there are; negative when some are left */
            over: number;
            /** @description all steps together bring it inside the minutes */
            fits: boolean;
            sentence: string;
            steps: components["schemas"]["FitStepView"][];
            offer: components["schemas"]["WarningView"] | null;
            /** @description what has moved on since it was written, in one step */
            movedOn: components["schemas"]["WarningView"] | null;
            /** @description exercises that are left out until something is decided */
            waits: components["schemas"]["WaitingItemView"][];
            /** @description a set more for whatever is below its share, in one step */
            fill: components["schemas"]["WarningView"] | null;
            /** @description what the stations of its circuits are due more of, in one step */
            stations: components["schemas"]["WarningView"] | null;
        };
        FloorPersonView: {
            id: string;
            name: string;
            on: string;
            /** @description the one at hand; null where none is written */
            session: string | null;
        };
        /** @description Whom a device keeps for where there is no network. */
        FloorView: {
            today: string;
            /** @description those whose session is placed today or tomorrow, the sooner first */
            people: components["schemas"]["FloorPersonView"][];
            /** @description for which the practice lets devices keep them */
            days: number;
        };
        ForgottenRequest: {
            email: string;
        };
        /** @description When a gate is likely reached, as Mondays: a band, never a promise. */
        GateForecastView: {
            to: string;
            toName: string;
            earliest: string;
            likely: string;
            latest: string;
            /** @description null where it is asked for by itself */
            reason: components["schemas"]["ReasonView"] | null;
        };
        GateView: {
            open: boolean;
            progressPercent: number;
            cleanSessions: number;
            sessionsNeeded: number;
            conditions: components["schemas"]["ConditionView"][];
        };
        /** @description One of the four figures, N·m at the highest of the movement. */
        HardnessFigureView: {
            label: string;
            highest: number;
            mean: number;
            /** @description the same on the rung they stand on */
            beside: number | null;
        };
        /** @description How hard a rung is on the low back of this person, beside the one they stand on. */
        HardnessView: {
            /** @description what is resisted, in fixed order; none where it is not measured */
            figures: components["schemas"]["HardnessFigureView"][];
            /** @description N·m at the end of the bars */
            scale: number;
            /** @description why there are no figures */
            unmeasured: string | null;
            /** @description what changes from the rung they stand on */
            sentences: string[];
            /** @description the side bridge in kilograms in one hand */
            worth: string | null;
            /** @description the load or the range with which the climb is small */
            smaller: string | null;
            /** @description the pull of the band that the figures are of */
            pull: string | null;
            /** @description whose body they are of */
            whose: string;
            /** @description what the figures are and are not */
            model: string;
        };
        HoldRequest: {
            /** @description ULID made by the caller: sending twice saves once */
            id: string;
            /** @enum {string} */
            kind: "front-plank-knees" | "front-plank" | "side-plank" | "back-extensor" | "trunk-flexor" | "one-leg-bridge";
            /** @enum {string} */
            side: "left" | "right" | "both";
            seconds: number;
            /** @enum {string} */
            end: "form-lost" | "stopped" | "pain" | "cap";
            note: string;
        };
        /** @description One timed hold as it was done. */
        HoldRowView: {
            id: string;
            seconds: number;
            /** @enum {string} */
            end: "form-lost" | "stopped" | "pain" | "cap";
            note: string;
            testedOn: string;
        };
        /** @description One side of a hold: whether it can be tested, and what was held. */
        HoldStandingView: {
            /** @enum {string} */
            side: "left" | "right" | "both";
            /** @description why it is not tested */
            ruledOut: components["schemas"]["ReasonView"] | null;
            last: number | null;
            best: number | null;
            norm: components["schemas"]["NormView"] | null;
            /** @description whole per cent of the published group below; null where it would say more than is known */
            percentile: number | null;
            reason: components["schemas"]["ReasonView"] | null;
            /** @description the change since the test before */
            change: components["schemas"]["ReasonView"] | null;
            /** @description newest first */
            history: components["schemas"]["HoldRowView"][];
        };
        /** @description A timed hold: how it is done, and how the person does. */
        HoldTestView: {
            /** @enum {string} */
            kind: "front-plank-knees" | "front-plank" | "side-plank" | "back-extensor" | "trunk-flexor" | "one-leg-bridge";
            label: string;
            setUp: string[];
            endsWhen: string;
            /** @description seconds at which the clock is stopped */
            stopAt: number;
            /** @description one, or left and right */
            sides: components["schemas"]["HoldStandingView"][];
            /** @description sides to test, in this order; none when it is ruled out */
            inTurn: ("left" | "right" | "both")[];
        };
        /** @description Words of the trainer to the person. */
        HomeAnswerView: {
            id: string;
            by: string;
            /** @description date */
            on: string;
            text: string;
            isNew: boolean;
        };
        /** @description A rung the person climbed to. */
        HomeClimbView: {
            name: string;
            /** @description date */
            on: string;
            figure: components["schemas"]["Figure"];
        };
        /** @description A device on which a person's page was opened. */
        HomeDeviceView: {
            id: string;
            opened: string;
            /** @description what it asks for, until it is let in */
            code: string | null;
            /** @description date and time it was last there; null before */
            seen: string | null;
        };
        /** @description How far apart the heights stand, week by week. */
        HomeEvennessView: {
            sentence: string;
            /** @description spread in tenths of a rung’s height, the oldest week first, this one last */
            weeks: number[];
        };
        /** @description What was told from home, or answered. */
        HomeNoteView: {
            id: string;
            /** @enum {string} */
            kind: "not-today" | "words" | "answer";
            /** @description date */
            on: string;
            /** @description in the writer’s own words; empty for none */
            text: string;
            /** @description what was asked to be put off, and why */
            putOff: string | null;
            /** @description nobody has seen to it yet */
            isWaiting: boolean;
            /** @description how the person is goes before when they train */
            isAskedAbout: boolean;
            /** @description of an answer: by the person */
            isSeen: boolean;
        };
        /** @description What went between home and practice, and what did not arrive. */
        HomeNotesView: {
            /** @description those that wait first, then the newest */
            notes: components["schemas"]["HomeNoteView"][];
            /** @description that nothing has come for long */
            quiet: string | null;
            /** @description messages that did not reach the person */
            undelivered: components["schemas"]["UndeliveredView"][];
        };
        /** @description A session of the person's week. */
        HomeSessionView: {
            id: string;
            title: string;
            /** @description date; null where it is for no day */
            on: string | null;
            lengthText: string;
            /** @description what is needed; empty for nothing */
            kitText: string;
            /** @description so many there are */
            exercises: number;
            /** @description that day */
            isDone: boolean;
            /** @description why another day was asked for, such as no time; null where it was not */
            asked: string | null;
            /** @description when the squad it is done with meets, such as at 19:00; null where it is done alone */
            meets: string | null;
        };
        /** @description What a person sees of their own training: no notes, no limits, nobody else. */
        HomeView: {
            /** @description of the person */
            name: string;
            person: string;
            practice: string;
            /** @description date */
            today: string;
            /** @description under which their device keeps what it could not send */
            owner: string;
            /** @description why nothing is trained; null where it is open */
            closed: string | null;
            /** @description the session at hand */
            now: components["schemas"]["HomeSessionView"] | null;
            /** @description what is planned this week, in order of time */
            week: components["schemas"]["HomeSessionView"][];
            /** @description what ends training at once */
            signs: components["schemas"]["ChoiceView"][];
            /** @description that was not asked for yet */
            morning: components["schemas"]["MorningQuestionView"] | null;
            /** @description where it can hurt */
            painPlaces: components["schemas"]["PainPlaceView"][];
            /** @description pain above this stops an exercise */
            painStopsAbove: number;
            /** @description the newest first */
            climbs: components["schemas"]["HomeClimbView"][];
            /** @description null while nobody was placed */
            evenness: components["schemas"]["HomeEvennessView"] | null;
            /** @description why a session may be put off */
            notToday: components["schemas"]["ChoiceView"][];
            /** @description words of the trainer, the newest first */
            answers: components["schemas"]["HomeAnswerView"][];
            /** @description what the stages of the sheet say that came these days */
            news: string[];
            /** @description words of the trade in plain ones */
            terms: components["schemas"]["ChoiceView"][];
            /** @description whether messages are sent to this person */
            isWritten: boolean;
        };
        InputView: {
            name: string;
            value: string;
        };
        /** @description What fits in the place of a rung that is ruled out. */
        InsteadView: {
            /** @description nearest first; none where the demand stays open */
            substitutes: components["schemas"]["SubstituteView"][];
        };
        InviteRequest: {
            id: string;
            email: string;
            /** @description trainer or reader; trainer where nothing is said */
            role: string | null;
        };
        ItemInput: {
            id: string;
            rung: string;
            dose: string;
            /** @description the dose by fields; it goes before the line */
            fields?: components["schemas"]["DoseFields"] | null;
        };
        /** @description An exercise of a session with its dose, its time, and what is wrong with the dose if anything is. */
        ItemView: {
            id: string;
            rung: string;
            name: string;
            heightText: string;
            demand: string;
            /** @description the sides are counted apart */
            sided: boolean;
            /** @description the dose in its one written form, or as typed when it cannot be read */
            dose: string;
            /** @description in plain words, such as 3 × 10 each side */
            doseText: string;
            fields: components["schemas"]["DoseFields"] | null;
            totals: components["schemas"]["TotalsView"] | null;
            problem: string | null;
            problemPosition: number | null;
            restText: string;
            tempoText: string;
            /** @description of the rung, as a dose line writes them; empty where it has none */
            ranges: string[];
            /** @description a band or cable can be what resists: the dose may say its pull */
            pulled: boolean;
            /**
             * @description what of it a limit or missing kit keeps from sheet and player; both for all of it
             * @enum {string|null}
             */
            leftOut: "left" | "right" | "both" | null;
            /** @description why it is left out; empty where nothing is */
            reasons: components["schemas"]["ReasonView"][];
            /** @description the trainer may allow it for this person, with a reason */
            mayBeAllowed: boolean;
            /** @description what could stand next in the line, as whole lines */
            completions: string[];
            warnings: components["schemas"]["WarningView"][];
            /** @description what its dose trains */
            qualities: ("endurance" | "strength" | "stability")[];
        };
        JoinRequest: {
            email: string;
            /** @description from the link */
            token: string;
            password: string;
            name: string;
        };
        /** @description A joint that a figure can be bent at. */
        JointView: {
            joint: string;
            paired: boolean;
            /** @description in the order they are given */
            angles: components["schemas"]["AngleView"][];
        };
        KeptDaysRequest: {
            days: number;
        };
        /** @description The kinds of work beside what an aim asks for. */
        KindMixView: {
            kinds: components["schemas"]["KindShareView"][];
            reason: components["schemas"]["ReasonView"];
            /** @description why a kind cannot be planned for the person */
            whyNot: components["schemas"]["ReasonView"][];
        };
        KindShareView: {
            label: string;
            /** @description per cent of the working sets */
            share: number;
            /** @description per cent */
            target: number;
        };
        /** @description One piece of what kit is drawn of: the skin round some balls, in each frame. Thousandths of stature. */
        KitFrames: {
            /** @enum {string} */
            tone: "kit" | "weight" | "rail";
            radii: number[];
            /** @description a single one where it does not move */
            frames: number[][];
        };
        LadderCheckRequest: {
            document: { [key: string]: unknown; };
            /** @description in focus, whose faults are drawn */
            rung: string | null;
        };
        /** @description What is wrong with a ladder that is not kept yet, and what it would look like. */
        LadderCheckView: {
            /** @description none when it can be kept */
            problems: string[];
            ladder: components["schemas"]["LibraryLadderView"] | null;
            /** @description of those drawn otherwise than in the library, where they can be */
            figures: components["schemas"]["RungFigureView"][];
            /** @description of the rung in focus, where it can be drawn */
            faults: components["schemas"]["DrawnFault"][];
            document: { [key: string]: unknown; } | null;
        };
        /** @description The figures of a ladder: asked for when they are looked at. */
        LadderFiguresView: {
            figures: components["schemas"]["RungFigureView"][];
        };
        LadderFileRequest: {
            /** @description contents of a ladder file, YAML or JSON */
            text: string;
        };
        /** @description A ladder as a file to keep or to pass on. */
        LadderFileView: {
            name: string;
            text: string;
        };
        LadderRequest: {
            /** @description of the own version that was read; 0 for none */
            version: number;
            document: { [key: string]: unknown; };
        };
        /** @description A ladder as its file says it, for editing. */
        LadderSourceView: {
            slug: string;
            /** @description of the practice’s own version; 0 while it has none */
            version: number;
            /** @description there is a shipped ladder of this name to go back to */
            shipped: boolean;
            document: { [key: string]: unknown; };
            /** @description slugs of rungs that placings, logs, decisions or sessions rest on: they can be hidden, not taken out */
            inUse: string[];
        };
        /** @description A ladder as it stands for one person. */
        LadderView: {
            slug: string;
            /** @description rungs that are not open on both sides */
            closed: components["schemas"]["ClosedRungView"][];
            /** @description rungs the trainer allowed in spite of what rules them out */
            allowed: components["schemas"]["AllowanceView"][];
            /** @description what is advised before some of its rungs and is not done yet */
            advised: components["schemas"]["AdvisedView"][];
            /** @description none, one, or left and right */
            stands: components["schemas"]["PositionView"][];
            /** @description where they differ from today */
            ghosts: components["schemas"]["StoodView"][];
            /** @description tenths: a rung above this is a big jump for the person */
            farAbove: number | null;
            /** @description the method uses none of its rungs */
            putAway: boolean;
        };
        /** @description A ladder as the library has it. */
        LibraryLadderView: {
            slug: string;
            name: string;
            shortName: string;
            demand: string;
            demandName: string;
            /** @description lowest first */
            rungs: components["schemas"]["RungView"][];
            /** @description slugs of rungs of other ladders that belong here too */
            signposts: string[];
        };
        /** @description All ladders, in the order of the board. */
        LibraryView: {
            version: string;
            ladders: components["schemas"]["LibraryLadderView"][];
        };
        /** @description What a change of limits or kit does to one working rung. */
        LimitEffectView: {
            ladder: string;
            ladderName: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            from: string;
            to: components["schemas"]["SubstituteView"] | null;
            reason: components["schemas"]["ReasonView"];
        };
        /** @description A limit as it is entered with the person. */
        LimitInput: {
            /** @enum {string} */
            state: "shoulder-pain" | "wrist-pain" | "kneeling-pain" | "neck-pain" | "back-worse-bending" | "back-worse-arching" | "osteoporosis" | "raised-pressure" | "pregnancy-20-weeks" | "abdominal-wall-separation" | "hernia" | "pelvic-floor" | "hip-pinch" | "hamstring-cramp" | "dizziness" | "under-16" | "under-18" | "over-65";
            /** @enum {string} */
            side: "left" | "right" | "both";
            note: string;
            /** @description first date; today when null */
            since: string | null;
            /** @description a clinician has cleared what the limit keeps for one */
            cleared: boolean;
        };
        LimitView: {
            id: string;
            /** @enum {string} */
            state: "shoulder-pain" | "wrist-pain" | "kneeling-pain" | "neck-pain" | "back-worse-bending" | "back-worse-arching" | "osteoporosis" | "raised-pressure" | "pregnancy-20-weeks" | "abdominal-wall-separation" | "hernia" | "pelvic-floor" | "hip-pinch" | "hamstring-cramp" | "dizziness" | "under-16" | "under-18" | "over-65";
            label: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            note: string;
            since: string;
            cleared: boolean;
        };
        /** @description What a typed line tells of one exercise of a session. */
        LineExercise: {
            item: string;
            /** @description in order, from set 1 */
            sets: components["schemas"]["LineSet"][];
            effort: number | null;
            pain: number | null;
            /** @description null where the line says nothing of it */
            clean: boolean | null;
            /** @description the words that named it; empty where none did */
            asked: string;
            /** @description other exercises the words may mean; none where they are clear */
            choices: string[];
        };
        /** @description What was done in one set as a typed line tells it, in the unit of the dose; null for what was not told or rests. */
        LineSet: {
            both: number | null;
            left: number | null;
            right: number | null;
        };
        /** @description The links to a person's own page that open, and the devices they were opened on. */
        LinksView: {
            /** @description until when the last of them opens, a date; null where there is none */
            until: string | null;
            /** @description the newest first */
            devices: components["schemas"]["HomeDeviceView"][];
            /** @description of the link that was just made: it is shown only now */
            address: string | null;
        };
        /** @description Load of the weeks behind today and of those planned ahead, core work only. */
        LoadView: {
            /** @description oldest first; none when nothing was logged in them */
            weeks: components["schemas"]["LoadWeekView"][];
            rise: components["schemas"]["ReasonView"] | null;
            /** @description as planned, from tomorrow on; none when nothing is planned */
            ahead: components["schemas"]["LoadWeekView"][];
            aheadRise: components["schemas"]["ReasonView"] | null;
        };
        /** @description Seven days of load. */
        LoadWeekView: {
            first: string;
            last: string;
            /** @description load of each day, rounded */
            days: number[];
            total: number;
            /** @description empty where every day is the same */
            monotony: string;
            strain: string;
            /** @description sessions without effort or time */
            unknown: number;
            reason: components["schemas"]["ReasonView"];
        };
        LogLineRequest: {
            line: string;
        };
        /** @description What a typed line tells of a training. */
        LogLineView: {
            exercises: components["schemas"]["LineExercise"][];
            /** @description sentences about what means nothing here */
            unread: string[];
            minutes: number | null;
            /** @description 0 for today, 1 for yesterday; null where the line does not say */
            daysAgo: number | null;
        };
        /** @description A log as a whole, as pages sent it before trainings were told event by event. */
        LogRequest: {
            /** @description ULID made on the device: sending twice saves once */
            id: string;
            session: string;
            /** @description as somebody says it was; null to count it from the moments */
            seconds: number | null;
            /** @description seconds after the start at which something was done */
            moments: number[] | null;
            /** @description pain that was there before the first set; null when nobody asked */
            painBefore: components["schemas"]["StartPain"][] | null;
            sets: components["schemas"]["ReportedSet"][];
        };
        LogTimeRequest: {
            /** @description that were trained */
            seconds: number;
        };
        /** @description A logged session. */
        LogView: {
            id: string;
            title: string;
            doneOn: string;
            sets: number;
            /** @description that were trained */
            seconds: number | null;
            /** @description why the time is asked about */
            odd: components["schemas"]["ReasonView"] | null;
        };
        /** @description A set as it was told, and as it was told before it was corrected. */
        LoggedSetView: {
            item: string;
            set: number;
            name: string;
            /** @description such as s; empty for repetitions */
            unit: string;
            both: number | null;
            left: number | null;
            right: number | null;
            pain: number | null;
            effort: number | null;
            /** @description what was told before, and on which day it was corrected */
            was: string[];
        };
        /** @description The sets of a log, in the order in which they were written. */
        LoggedSetsView: {
            title: string;
            /** @description date */
            doneOn: string;
            atHome: boolean;
            sets: components["schemas"]["LoggedSetView"][];
        };
        MarkNoteRequest: {
            read: boolean;
        };
        MarkRequest: {
            rung: string;
            /** @description of a set; null for that of the table again */
            target: number | null;
            reason: string;
        };
        /** @description The leaving mark of a rung for a person. */
        MarkView: {
            /** @description such as “3 sets of 4 × 10 s” */
            words: string;
            /** @description of a set */
            target: number;
            /** @description what follows the number; empty for repetitions */
            unit: string;
            /** @description of a mark the trainer wrote; null where it is the table's */
            reason: string | null;
            /** @description date */
            writtenOn: string | null;
        };
        MeRequest: {
            name: string;
        };
        /** @description Who is signed in. */
        MeView: {
            id: string;
            name: string;
            email: string;
            role: string;
            practice: string;
            /** @description is asked for at each sign-in */
            secondStep: boolean;
            /** @description the practice asks everybody for one */
            asksSecondStep: boolean;
            /** @description that are left of those for a lost device */
            paperCodes: number;
            /** @description of the practice, by name */
            trainers: components["schemas"]["ChoiceView"][];
        };
        /** @description A question of the method, and what its answer does to the board. */
        MethodQuestionView: {
            question: string;
            label: string;
            /** @description the default first */
            choices: components["schemas"]["ChoiceView"][];
            /**
             * @description that holds at this level
             * @enum {string}
             */
            chosen: "movements-allowed/resist-only" | "movements-allowed/extension-too" | "movements-allowed/all-trained" | "side-plank-feet/top-foot-in-front" | "side-plank-feet/stacked" | "side-plank-feet/by-ability" | "front-plank-next-step/movement" | "front-plank-next-step/hands" | "hold-strategy/short-repeated" | "hold-strategy/capped" | "hold-strategy/long" | "too-weak-for-plank/knees" | "too-weak-for-plank/short-bouts" | "order/base-first" | "order/carry-first" | "order/bottom-up" | "order/fewest-moves" | "order/weakest-first" | "counting-reps/each-side" | "counting-reps/pairs" | "counting-reps/movements" | "leaving-a-rung/two-clean-and-a-week" | "leaving-a-rung/as-soon-as-clean" | "leaving-a-rung/one-to-two-weeks" | "low-back-feeling/cue-first" | "low-back-feeling/step-down" | "low-back-feeling/rest-and-go-on" | "activation-before/advised" | "activation-before/closed" | "placement/finisher" | "placement/primer" | "placement/own-day" | "placement/mixed" | "frequency/two-to-three-days" | "frequency/short-daily" | "frequency/rest-when-sore" | "effort/reserve" | "effort/near-the-limit" | "trunk-technique/brace" | "trunk-technique/navel-in" | "trunk-technique/navel-in-then-brace" | "low-back-lying/natural-arch" | "low-back-lying/pressed-flat" | "pelvis-in-planks/neutral" | "pelvis-in-planks/tucked" | "pelvis-in-planks/slightly-high" | "shoulder-blades/neutral" | "shoulder-blades/down-and-back" | "shoulder-blades/pushed-away" | "squeeze/third" | "squeeze/full" | "breathing/out-on-effort" | "breathing/in-on-the-reach" | "breathing/small-sips" | "forearms/parallel" | "forearms/joined" | "pull-in-rollouts/from-the-trunk" | "pull-in-rollouts/arms-help" | "chops-and-turns/trunk-still" | "chops-and-turns/trunk-turns";
            /**
             * @description at this level itself; null where it is inherited
             * @enum {string|null}
             */
            given: "movements-allowed/resist-only" | "movements-allowed/extension-too" | "movements-allowed/all-trained" | "side-plank-feet/top-foot-in-front" | "side-plank-feet/stacked" | "side-plank-feet/by-ability" | "front-plank-next-step/movement" | "front-plank-next-step/hands" | "hold-strategy/short-repeated" | "hold-strategy/capped" | "hold-strategy/long" | "too-weak-for-plank/knees" | "too-weak-for-plank/short-bouts" | "order/base-first" | "order/carry-first" | "order/bottom-up" | "order/fewest-moves" | "order/weakest-first" | "counting-reps/each-side" | "counting-reps/pairs" | "counting-reps/movements" | "leaving-a-rung/two-clean-and-a-week" | "leaving-a-rung/as-soon-as-clean" | "leaving-a-rung/one-to-two-weeks" | "low-back-feeling/cue-first" | "low-back-feeling/step-down" | "low-back-feeling/rest-and-go-on" | "activation-before/advised" | "activation-before/closed" | "placement/finisher" | "placement/primer" | "placement/own-day" | "placement/mixed" | "frequency/two-to-three-days" | "frequency/short-daily" | "frequency/rest-when-sore" | "effort/reserve" | "effort/near-the-limit" | "trunk-technique/brace" | "trunk-technique/navel-in" | "trunk-technique/navel-in-then-brace" | "low-back-lying/natural-arch" | "low-back-lying/pressed-flat" | "pelvis-in-planks/neutral" | "pelvis-in-planks/tucked" | "pelvis-in-planks/slightly-high" | "shoulder-blades/neutral" | "shoulder-blades/down-and-back" | "shoulder-blades/pushed-away" | "squeeze/third" | "squeeze/full" | "breathing/out-on-effort" | "breathing/in-on-the-reach" | "breathing/small-sips" | "forearms/parallel" | "forearms/joined" | "pull-in-rollouts/from-the-trunk" | "pull-in-rollouts/arms-help" | "chops-and-turns/trunk-still" | "chops-and-turns/trunk-turns" | null;
            /** @description what holds without it, and whose it is */
            inherited: string;
            effect: string;
            cuesOnly: boolean;
        };
        /** @description One answer of a method. */
        MethodRequest: {
            /** @description version that was read; 0 where nothing was answered at this level */
            version: number;
            /** @description what is inherited again where no answer is given */
            question: string | null;
            /**
             * @description null to take the answer back
             * @enum {string|null}
             */
            answer: "movements-allowed/resist-only" | "movements-allowed/extension-too" | "movements-allowed/all-trained" | "side-plank-feet/top-foot-in-front" | "side-plank-feet/stacked" | "side-plank-feet/by-ability" | "front-plank-next-step/movement" | "front-plank-next-step/hands" | "hold-strategy/short-repeated" | "hold-strategy/capped" | "hold-strategy/long" | "too-weak-for-plank/knees" | "too-weak-for-plank/short-bouts" | "order/base-first" | "order/carry-first" | "order/bottom-up" | "order/fewest-moves" | "order/weakest-first" | "counting-reps/each-side" | "counting-reps/pairs" | "counting-reps/movements" | "leaving-a-rung/two-clean-and-a-week" | "leaving-a-rung/as-soon-as-clean" | "leaving-a-rung/one-to-two-weeks" | "low-back-feeling/cue-first" | "low-back-feeling/step-down" | "low-back-feeling/rest-and-go-on" | "activation-before/advised" | "activation-before/closed" | "placement/finisher" | "placement/primer" | "placement/own-day" | "placement/mixed" | "frequency/two-to-three-days" | "frequency/short-daily" | "frequency/rest-when-sore" | "effort/reserve" | "effort/near-the-limit" | "trunk-technique/brace" | "trunk-technique/navel-in" | "trunk-technique/navel-in-then-brace" | "low-back-lying/natural-arch" | "low-back-lying/pressed-flat" | "pelvis-in-planks/neutral" | "pelvis-in-planks/tucked" | "pelvis-in-planks/slightly-high" | "shoulder-blades/neutral" | "shoulder-blades/down-and-back" | "shoulder-blades/pushed-away" | "squeeze/third" | "squeeze/full" | "breathing/out-on-effort" | "breathing/in-on-the-reach" | "breathing/small-sips" | "forearms/parallel" | "forearms/joined" | "pull-in-rollouts/from-the-trunk" | "pull-in-rollouts/arms-help" | "chops-and-turns/trunk-still" | "chops-and-turns/trunk-turns" | null;
        };
        /** @description A real session under every choice of the method. */
        MethodTrialView: {
            /** @description of the person */
            name: string;
            title: string;
            totalText: string;
            /** @description the session as it is now, as lines of text */
            text: string;
            questions: components["schemas"]["QuestionTrialView"][];
        };
        /** @description The school of a practice, a trainer, a person or a program. */
        MethodView: {
            /** @enum {string} */
            level: "practice" | "trainer" | "person" | "program";
            /** @description of the practice, the trainer or the person */
            name: string;
            version: number;
            /** @description why nothing can be answered at this level now */
            closed: string | null;
            questions: components["schemas"]["MethodQuestionView"][];
        };
        /** @description How the work falls on two ends of something: left and right, front and back, static and dynamic, floor and standing. */
        Mix: {
            first: string;
            second: string;
            /** @description of the first end; null where there is no such work */
            percent: number | null;
            firstSeconds: number;
            secondSeconds: number;
        };
        /** @description One place that hurts the morning after a session. */
        MorningPain: {
            /** @enum {string} */
            place: "low-back" | "neck" | "back-of-thigh" | "front-of-hip" | "shoulder" | "wrist" | "knee" | "elsewhere";
            /**
             * @description left or right; null where the place has none, or it was not told
             * @enum {string|null}
             */
            side: "left" | "right" | "both" | null;
            /** @description 1–10 */
            pain: number;
            /** @description than before the session */
            worse: boolean;
        };
        /** @description The last session, whose next morning has not been asked for. */
        MorningQuestionView: {
            log: string;
            doneOn: string;
            /** @description highest told in the session */
            pain: number | null;
        };
        MorningRequest: {
            id: string;
            log: string;
            ladder: string;
            pain: number;
            worse: boolean;
        };
        /** @description A move of a person on a ladder: who, when, why, and the whole board after it. */
        MoveView: {
            placement: string;
            on: string;
            by: string;
            ladder: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            sentence: string;
            reason: string;
            /** @enum {string|null} */
            decision: "climb" | "stay" | "step-down" | "stop-ladder" | "refer" | null;
            takenBack: boolean;
            spreadText: string | null;
            /** @description all ladders after the move; none when it was taken back */
            stands: components["schemas"]["StoodView"][];
            /** @description of the demands after the move, in tenths */
            heights: { [key: string]: number; };
        };
        /** @description The session at hand, where something of it has moved on since it was written. */
        MovedOnView: {
            session: string;
            title: string;
            /** @description one for each exercise */
            reasons: components["schemas"]["ReasonView"][];
        };
        NewPasswordRequest: {
            email: string;
            /** @description from the link */
            token: string;
            password: string;
            /** @description of the second step, where one is set up */
            code: string | null;
        };
        NewSquadRequest: {
            /** @description ULID made by the caller */
            id: string;
            name: string;
            /** @description in line */
            people: string[];
        };
        /** @description The dose proposed for the next session on a rung, from the last one logged. */
        NextDoseView: {
            rung: string;
            dose: string;
            rises: boolean;
            lighter: boolean;
            reason: components["schemas"]["ReasonView"];
        };
        NextDosesView: {
            doses: components["schemas"]["NextDoseView"][];
        };
        /** @description The published group a hold is compared with, in seconds. */
        NormView: {
            mean: number;
            sd: number;
            /** @description minimal detectable change */
            detectable: number;
        };
        NotTodayRequest: {
            id: string;
            /** @description that is not done on its day */
            session: string;
            /** @description date */
            on: string;
            /** @enum {string} */
            reason: "time" | "tired" | "sore" | "pain" | "unwell" | "away" | "other";
            /** @description in own words */
            text: string | null;
        };
        OneAWeekRequest: {
            id: string;
        };
        OpenRequest: {
            /** @description of the link */
            token: string;
        };
        /** @description The session in the order of a school, and what that does to it. */
        OrderView: {
            /** @enum {string} */
            school: "base-first" | "carry-first" | "bottom-up" | "fewest-moves" | "weakest-first";
            label: string;
            /** @description the method asks for this one */
            ofMethod: boolean;
            present: boolean;
            savedSeconds: number;
            reason: components["schemas"]["ReasonView"];
            names: string[];
            blocks: components["schemas"]["WrittenBlockView"][];
        };
        OrdersView: {
            orders: components["schemas"]["OrderView"][];
        };
        /** @description What else fills the person's week, on one day. */
        OtherTrainingView: {
            /** @enum {string} */
            what: "lifting" | "endurance" | "sport" | "work";
            heavy: boolean;
            /** @description 1 Monday to 7 Sunday */
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @description how many weeks lie from one to the next */
            every: number;
            /** @description a date in a week in which it happens, where it is not every week */
            from: string | null;
            /** @description it starts at, such as 18:00; null where only the part of the day is known */
            time: string | null;
        };
        /** @description A rung of another ladder for the same demand. */
        OtherWayView: {
            rung: string;
            rungName: string;
            reason: components["schemas"]["ReasonView"];
        };
        /** @description What a choice leads to at the next session. */
        OutcomeView: {
            /** @enum {string} */
            choice: "climb" | "stay" | "step-down" | "stop-ladder" | "refer";
            /** @description where it is another rung */
            rungName: string | null;
            dose: string;
            reason: components["schemas"]["ReasonView"];
        };
        OwnPasswordRequest: {
            current: string;
            password: string;
        };
        /** @description A place where it can hurt. */
        PainPlaceView: {
            value: string;
            label: string;
            /** @description whether left and right can differ */
            sided: boolean;
        };
        /** @description Codes for a lost device, each for once; shown this once. */
        PaperCodesView: {
            codes: string[];
        };
        /** @description A person's way over the board. */
        PathView: {
            /** @description the newest, oldest of them first */
            moves: components["schemas"]["MoveView"][];
            /** @description what to ask for before these; null when there are no more */
            older: string | null;
        };
        /** @description A decision that waits for the trainer. */
        PendingView: {
            log: string;
            ladder: string;
            ladderName: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            rung: string;
            rungName: string;
            rungHeight: string;
            dose: string;
            doneOn: string;
            /** @enum {string} */
            proposed: "climb" | "stay" | "step-down" | "stop-ladder" | "refer";
            to: string | null;
            toName: string | null;
            toHeight: string | null;
            /** @description why it waits again, or only now */
            news: string | null;
            reasons: components["schemas"]["ReasonView"][];
            gate: components["schemas"]["GateView"];
            evidence: components["schemas"]["EvidenceView"][];
            /** @description what else is to be known of that training: an easier version took over, it ended early */
            besides: string[];
            morningPain: number | null;
            /** @description next open rung up, if any */
            up: string | null;
            /** @description next open rung down, if any */
            down: string | null;
            /** @description where the demand is trained meanwhile, where nothing lower is open */
            otherWay: components["schemas"]["OtherWayView"] | null;
            /** @description of each choice after which the ladder is trained */
            outcomes: components["schemas"]["OutcomeView"][];
        };
        /** @description How many there are of everybody, whatever is looked for. */
        PeopleCountsView: {
            everyone: number;
            stop: number;
            decide: number;
            due: number;
            uneven: number;
            putAway: number;
        };
        PeopleView: {
            /** @description of this page, by name */
            people: components["schemas"]["PersonLineView"][];
            /** @description what to ask for after these lines; null when there are no more */
            next: string | null;
            /** @description of everybody; null where somebody is looked for, and on further pages */
            counts: components["schemas"]["PeopleCountsView"] | null;
        };
        /** @description A person in the list, with what it filters by. */
        PersonLineView: {
            id: string;
            name: string;
            about: string;
            aimText: string;
            flags: ("stop" | "decide" | "due" | "uneven")[];
            /** @enum {string} */
            step: "person" | "checks" | "board" | "session" | "week" | "weeks" | "sheet" | "coach" | "review";
            /** @description spread of the board, such as 1.6; null when there is none */
            spread: string | null;
            weakest: string | null;
            lastDone: string | null;
            archivedOn: string | null;
        };
        PersonRequest: {
            /** @description ULID made by the caller */
            id: string;
            /** @description version that was read; 0 for a new person */
            version: number;
            name: string;
            about: string;
            /** @description whose method holds; who is signed in where nobody is named for a new person */
            trainer: string | null;
            aim: string;
            trainingDays: number[];
            minutes: number;
            birthYear: number | null;
            /** @description cm */
            stature: number | null;
            /** @description kg */
            mass: number | null;
            /** @enum {string|null} */
            sex: "female" | "male" | null;
            /** @enum {string|null} */
            hand: "left" | "right" | "both" | null;
            /** @enum {string|null} */
            injuredSide: "left" | "right" | "both" | null;
            /** @description own parts of work by demand; null for those of the aim */
            shares: { [key: string]: number; } | null;
            places: components["schemas"]["PlaceView"][];
            place: number;
            week: components["schemas"]["OtherTrainingView"][];
            notes: string;
            /** @description date on which the person agreed that health details are kept */
            consentedOn: string | null;
            limits: components["schemas"]["LimitInput"][];
        };
        /** @description A person with what the frame and the Person view show. */
        PersonView: {
            id: string;
            name: string;
            about: string;
            /** @description whose level of method holds */
            trainer: string | null;
            /** @enum {string} */
            aim: "even" | "desk-and-back" | "throwing-and-field" | "endurance" | "strength" | "bending-and-hanging" | "under-clinician" | "youth";
            aimText: string;
            /** @description parts of work asked for, by demand; those of the aim unless the person has own ones */
            shares: { [key: string]: number; };
            /** @description whether the shares are the person’s own */
            ownShares: boolean;
            birthYear: number | null;
            stature: number | null;
            mass: number | null;
            /** @enum {string|null} */
            sex: "female" | "male" | null;
            /** @enum {string|null} */
            hand: "left" | "right" | "both" | null;
            /** @enum {string|null} */
            injuredSide: "left" | "right" | "both" | null;
            /** @description 1 Monday to 7 Sunday */
            trainingDays: number[];
            minutes: number;
            places: components["schemas"]["PlaceView"][];
            /** @description which of the places planning looks at */
            place: number;
            /** @description at the place planning looks at */
            kit: string[];
            week: components["schemas"]["OtherTrainingView"][];
            /** @description as noted */
            limits: components["schemas"]["LimitView"][];
            /** @description of the limits and of age */
            cautions: components["schemas"]["CautionView"][];
            /** @description training days that a limit does not allow */
            dayWarnings: components["schemas"]["ReasonView"][];
            notes: string;
            consentedOn: string | null;
            archivedOn: string | null;
            eraseOn: string | null;
            /** @description why the danger signs are to be asked for again */
            rescreen: components["schemas"]["ReasonView"] | null;
            /** @description why a re-test is due */
            retest: components["schemas"]["ReasonView"] | null;
            standing: components["schemas"]["AdmissionView"];
            /** @description the newest answers to the danger signs */
            screening: components["schemas"]["ScreeningView"] | null;
            /** @description danger signs that keep training closed; none when it is open */
            closing: components["schemas"]["DangerSignView"][];
            /** @description mistaken answers, the newest first */
            takenBack: components["schemas"]["TakenBackView"][];
            clearances: components["schemas"]["ClearanceView"][];
            steps: components["schemas"]["StepView"][];
            version: number;
        };
        /** @description A picture that was kept, in its own pixels. */
        PhotoView: {
            id: string;
            width: number;
            height: number;
        };
        PingView: {
            here: boolean;
        };
        /** @description A place the person trains at, and the kit there. */
        PlaceView: {
            name: string;
            kit: string[];
            /** @description weights that are there, in kilograms, such as “4, 8, 12.5”; empty when nobody has said */
            weights: string;
        };
        /** @description A core session as it stands in the week at hand. */
        PlacedSlotView: {
            id: string;
            session: string;
            title: string;
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @enum {string} */
            placement: "primer" | "finisher" | "own-day" | "daily";
            effort: number;
            clock: string;
            /** @description elsewhere than in every week */
            moved: boolean;
            /** @enum {string} */
            state: "planned" | "today" | "done" | "missed" | "away" | "left-out";
            /** @description the date it was done */
            doneOn: string | null;
            /** @description it starts at, such as 17:30 */
            time: string | null;
            /** @description that meets then; null where it is the person's own */
            squad: string | null;
        };
        /** @description A placing that was saved, and how to take it back. */
        PlacedView: {
            placement: string;
            sentence: string;
        };
        PlacementRequest: {
            id: string;
            rung: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            /** @description such as 45cm, on rungs that have one; the smallest when left out */
            range: string | null;
            reason: string;
            /** @description said yes to a big jump */
            far: boolean | null;
            /** @description it is a careful guess below what was tested */
            guessed: boolean | null;
        };
        PlanRequest: {
            /** @description version that was read; 0 when nothing was placed yet */
            version: number;
            slots: components["schemas"]["CoreSlotView"][];
            moves: components["schemas"]["WeekMoveView"][];
            /** @description dates without training */
            away: string[];
            /**
             * @description it was laid out from
             * @enum {string|null}
             */
            shape: "finisher-and-own-days" | "three-routines" | "pick-some" | "one-at-a-time" | "daily-variation" | "six-minutes" | "circuit-of-six" | null;
        };
        /** @description A mark on a picture, in its pixels: x to the right, y down. */
        PointInput: {
            x: number;
            y: number;
        };
        /** @description Where the person stands on a ladder. */
        PositionView: {
            placement: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            rung: string;
            /** @description tenths, over the range decided last */
            height: number;
            heightText: string;
            /** @description decided last, as a dose line writes it; null where the rung has none */
            range: string | null;
            /** @description empty where the rung has none */
            rangeText: string;
            placedOn: string;
            reason: string;
            stopped: boolean;
            mark: components["schemas"]["MarkView"];
            gate: components["schemas"]["GateView"];
            /** @description the rung a climb would lead to */
            next: string | null;
        };
        /** @description The composer asks at every change: the shape is checked by hand, without the validator, which alone takes as long */
        PreviewRequest: {
            /** @description of this session; the person’s own when null */
            minutes: number | null;
            /** @description so many of its exercises the person picks; null for all */
            picks: number | null;
            blocks: components["schemas"]["BlockInput"][];
        };
        /** @description What a session comes to, computed by the core. Exercises whose dose cannot be read are left out of the sums. */
        PreviewView: {
            complete: boolean;
            blocks: components["schemas"]["BlockView"][];
            totals: components["schemas"]["TotalsView"];
            /** @description of all of it; of one to pick from, of the shortest choice and the longest */
            lengthText: string;
            /** @description longer than its minutes, by the longest choice */
            isOver: boolean;
            targetSeconds: number;
            targetText: string;
            segments: components["schemas"]["SegmentView"][];
            shares: components["schemas"]["ShareView"][];
            /** @description tenths of a per cent */
            agreement: number;
            sharesReason: components["schemas"]["ReasonView"];
            clockReason: components["schemas"]["ReasonView"];
            mix: components["schemas"]["Mix"][];
            /** @description length of what reaches sheet and player; empty where nothing is left out */
            reachesText: string;
            /** @description what optional sets add, counted apart; empty when there are none */
            optionalText: string;
            warnings: components["schemas"]["WarningView"][];
            /** @description what the doses train, and how much of the work; one dose may train several */
            qualities: components["schemas"]["QualityView"][];
            /** @description where the aim has a target for them */
            kinds: components["schemas"]["KindMixView"] | null;
        };
        /** @description One ladder in one week of a program. */
        ProgramCellView: {
            /** @description Monday of the week */
            monday: string;
            /** @description number of the week in the wish that is edited; 0 where nothing can be asked for */
            week: number;
            rung: string;
            rungName: string;
            shortName: string;
            /** @description height in tenths */
            tenths: number;
            /** @description typed line */
            dose: string;
            /** @description the same without its sets */
            oneSet: string;
            doseWords: string;
            /** @description in all sessions of the week */
            sets: number;
            locked: boolean;
            /** @description the rung is another than the week before */
            climbs: boolean;
            /** @description what is different from the program that holds; empty when nothing */
            change: string;
            /** @description sets done in a week that has begun; null before */
            setsDone: number | null;
            /** @description the rung they were done on, when it is another */
            doneOn: string | null;
            /** @description of rung and dose; of the program that holds it is asked for by itself, as is that of the sets */
            reason: components["schemas"]["ReasonView"] | null;
            whySets: components["schemas"]["ReasonView"] | null;
        };
        /** @description The program that holds, what a new one would begin from, and what speaks against the present one. */
        ProgramPageView: {
            id: string | null;
            program: components["schemas"]["ProgramView"] | null;
            /** @description for a new one, or for the rest of this one */
            wish: components["schemas"]["ProgramRequestView"];
            /** @description of the program whose rest it is */
            weeksBehind: number;
            rate: components["schemas"]["ReasonView"];
            /** @description newest first */
            versions: components["schemas"]["ProgramVersionView"][];
            /** @description what has changed since it was made */
            against: components["schemas"]["ReasonView"][];
            /** @description planned effort from which a session is hard */
            hardFrom: number;
        };
        /** @description What a program is asked to be. */
        ProgramRequestView: {
            /** @description Monday of the first week */
            start: string;
            weeks: number;
            /** @description another one gives another way of doing the same */
            seed: number;
            /** @description of height a week; null for the rate of the log, or the usual one */
            rateTenths: number | null;
            slots: components["schemas"]["RequestedSlotView"][];
            /** @description fixed from a week on */
            rungs: components["schemas"]["RequestedRungView"][];
            /** @description fixed for a week */
            doses: components["schemas"]["RequestedDoseView"][];
            /** @description fixed in every week */
            sets: components["schemas"]["RequestedSetsView"][];
            /** @description ladders left out */
            without: string[];
        };
        /** @description A session of a week of a program. */
        ProgramSessionView: {
            slot: string;
            /** @description such as “Tuesday evening” */
            when: string;
            clock: string;
            /** @description exercise and dose */
            lines: string[];
            /** @description the session written from it */
            session: string | null;
            /** @enum {string} */
            state: "none" | "behind" | "written" | "differs";
            doneOn: string | null;
            /** @description what has moved on since it was planned or written */
            moved: components["schemas"]["ReasonView"][];
        };
        /** @description A version of a person's program. */
        ProgramVersionView: {
            id: string;
            madeOn: string;
            why: string;
            weeks: number;
            holds: boolean;
            takenBack: boolean;
        };
        /** @description A program: weeks across, ladders down. */
        ProgramView: {
            weeks: components["schemas"]["ProgramWeekView"][];
            staves: components["schemas"]["StaveView"][];
            notes: components["schemas"]["ReasonView"][];
            /** @description of the weeks that differ from the program that holds */
            mondays: string[];
        };
        /** @description A week of a program. */
        ProgramWeekView: {
            monday: string;
            /** @description number in its program; 0 for a week away and for what an earlier program left */
            number: number;
            /** @enum {string} */
            kind: "build" | "easier" | "away";
            retests: boolean;
            /** @description what should lead in it and how much of the work it is, such as “held 54 %”; empty where there is no work */
            phase: string;
            /** @description what should lead in it, and why; null where nobody said */
            phaseReason: components["schemas"]["ReasonView"] | null;
            /** @enum {string} */
            when: "past" | "now" | "ahead";
            /** @description agreement of the work with the target shares, in per cent; empty where it is not known */
            agreement: string;
            /** @description of all sessions */
            clock: string;
            /** @description planned: effort × minutes */
            load: number;
            /** @description of a week that has begun; null before */
            loadDone: number | null;
            sessions: components["schemas"]["ProgramSessionView"][];
            /** @description sessions done in the week, of the program or not */
            done: number;
            notes: components["schemas"]["ReasonView"][];
            /** @description what is different from the program that holds; empty when nothing */
            change: string;
            /** @description whether what was written of it can be taken out of the week again */
            canTakeOut: boolean;
        };
        ProposeProgramRequest: {
            wish: components["schemas"]["ProgramRequestView"];
        };
        /** @description A quality that doses of a session train, and how much of the work does. */
        QualityView: {
            /** @enum {string} */
            quality: "endurance" | "strength" | "stability";
            /** @description when a dose trains it */
            meaning: string;
            /** @description of the work */
            percent: number;
        };
        QuestionTrialView: {
            question: string;
            choices: components["schemas"]["ChoiceTrialView"][];
        };
        /** @description One entry of what a reader is shown. */
        ReadEntryView: {
            /** @description it is about */
            what: string;
            lines: string[];
            /** @description date */
            on: string | null;
            /** @description it keeps training closed */
            isStop: boolean;
        };
        /** @description A part of the record, as a reader is shown it. */
        ReadPartView: {
            /** @enum {string} */
            part: "health" | "tests" | "board" | "plan" | "done";
            title: string;
            entries: components["schemas"]["ReadEntryView"][];
            /** @description what is said where there are none */
            none: string;
        };
        /** @description What a reader wrote, or was written back. */
        ReaderNoteView: {
            id: string;
            /** @description whom it is with */
            reader: string;
            by: string;
            /** @description the reader wrote it, and no trainer */
            isReaders: boolean;
            /** @description it may be taken back until it is read */
            isMine: boolean;
            /** @description by the other side */
            isRead: boolean;
            on: string;
            text: string;
        };
        /** @description A reader of the practice, and what of the person they are shown. */
        ReaderView: {
            id: string;
            name: string;
            /** @description none where nothing is shared */
            parts: ("health" | "tests" | "board" | "plan" | "done")[];
            /** @description date */
            since: string | null;
            /** @description the last day; null without an end */
            until: string | null;
            /** @description that day is past */
            isOver: boolean;
        };
        /** @description Who of the practice is shown what of a person, and what they wrote. */
        ReadersView: {
            /** @description of the practice */
            readers: components["schemas"]["ReaderView"][];
            /** @description what can be shared */
            parts: components["schemas"]["ChoiceView"][];
            /** @description of readers, that nobody has read yet, the oldest first */
            waiting: components["schemas"]["ReaderNoteView"][];
            /** @description the newest first, page by page */
            notes: components["schemas"]["ReaderNoteView"][];
            next: string | null;
        };
        ReadershipRequest: {
            parts: ("health" | "tests" | "board" | "plan" | "done")[];
            /** @description the last day; null without an end */
            until: string | null;
        };
        /** @description Somebody who is shared with a reader. */
        ReadingLineView: {
            person: string;
            name: string;
            about: string;
            /** @description who shared them */
            by: string;
            /** @description date */
            since: string;
            /** @description the last day */
            until: string | null;
            /** @description notes of trainers that were not read yet */
            unread: number;
        };
        /** @description A person as a reader is shown them. */
        ReadingView: {
            person: string;
            name: string;
            about: string;
            aim: string;
            /** @description who shared them */
            by: string;
            /** @description date */
            since: string;
            /** @description the last day */
            until: string | null;
            /** @description that are shared */
            parts: components["schemas"]["ReadPartView"][];
            /** @description with this reader, the newest first, page by page */
            notes: components["schemas"]["ReaderNoteView"][];
            next: string | null;
        };
        /** @description Whom a reader is shown. */
        ReadingsView: {
            /** @description by name, page by page */
            people: components["schemas"]["ReadingLineView"][];
            next: string | null;
        };
        /** @description Why something is what it is, for the reason pane. */
        ReasonView: {
            rule: string;
            source: string;
            sentence: string;
            inputs: components["schemas"]["InputView"][];
            wouldChange: string | null;
        };
        /** @description Something a device told that cannot be taken; it stays on the device. */
        RefusedEventView: {
            /** @description its id; where it has none, its place in what was sent, such as #3 */
            event: string;
            sentence: string;
        };
        /** @description What one key does about a warning. */
        RepairView: {
            label: string;
            edits: components["schemas"]["EditView"][];
        };
        /** @description One set as it was done; null means not asked or not told. */
        ReportedSet: {
            item: string;
            set: number;
            both: number | null;
            left: number | null;
            right: number | null;
            /** @description answers by form question */
            form: { [key: string]: boolean; };
            pain: number | null;
            effort: number | null;
            travellingPain: boolean;
            /**
             * @description where; null when nobody asked
             * @enum {string|null}
             */
            felt: "right" | "low-back" | "neck" | "back-of-thigh" | "front-of-hip" | "shoulder" | "wrist" | "knee" | "elsewhere" | null;
            painNote: string;
            /**
             * @description where the exercise has sides; null when not told
             * @enum {string|null}
             */
            painSide: "left" | "right" | "both" | null;
            /** @description what was coached, by the cue sheet; as the session says when null */
            rung: string | null;
            dose: string | null;
            /**
             * @description where it hurt; null when not told
             * @enum {string|null}
             */
            painPlace: "low-back" | "neck" | "back-of-thigh" | "front-of-hip" | "shoulder" | "wrist" | "knee" | "elsewhere" | null;
        };
        /** @description A dose fixed on a ladder for a week, as a typed line. */
        RequestedDoseView: {
            week: number;
            ladder: string;
            /** @description the rung it is written for */
            rung: string;
            dose: string;
        };
        /** @description A rung fixed on a ladder from a week on. */
        RequestedRungView: {
            week: number;
            ladder: string;
            rung: string;
        };
        /** @description Sets of a ladder fixed in one place of every week; 0 keeps it out of there. */
        RequestedSetsView: {
            slot: string;
            ladder: string;
            sets: number;
        };
        /** @description A place for a core session in each week of a program. */
        RequestedSlotView: {
            id: string;
            /** @description 1 Monday to 7 Sunday */
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @enum {string} */
            placement: "primer" | "finisher" | "own-day" | "daily";
            minutes: number;
            /** @description planned, 0 to 10 */
            effort: number;
        };
        ReviewView: {
            pending: components["schemas"]["PendingView"][];
            /** @description the newest */
            decisions: components["schemas"]["DecisionView"][];
            /** @description what to ask for after these; null when there are no more */
            older: string | null;
            /** @description that was not asked for yet */
            morning: components["schemas"]["MorningQuestionView"] | null;
            /** @description trainings of which something has to be said first */
            unsettled: components["schemas"]["UnsettledView"][];
            load: components["schemas"]["LoadView"];
            /** @description what comes next; null while a decision waits */
            movedOn: components["schemas"]["MovedOnView"] | null;
        };
        RoleRequest: {
            /** @description owner, trainer or reader */
            role: string;
        };
        /** @description A rule of the trade, and what it rests on. */
        RuleView: {
            id: string;
            /** @description the part of the job it belongs to */
            room: string;
            sentence: string;
            /** @enum {string} */
            basis: "published" | "common practice" | "our own choice" | "arithmetic";
            source: string;
            /** @description that show it */
            cases: components["schemas"]["CaseView"][];
        };
        RulesView: {
            rules: components["schemas"]["RuleView"][];
        };
        /** @description A rung that can be chosen. */
        RungChoiceView: {
            rung: string;
            name: string;
            height: string;
        };
        /** @description The faults of one rung that can be drawn: asked for when the rung is opened, since they weigh as much as the ladder. */
        RungFaultsView: {
            /** @description one of each kind */
            faults: components["schemas"]["DrawnFault"][];
        };
        /** @description The figure of one rung. */
        RungFigureView: {
            rung: string;
            figure: components["schemas"]["Figure"];
        };
        /** @description A rung as the library has it, in the words of the practice’s method. */
        RungView: {
            slug: string;
            name: string;
            shortName: string;
            /** @description what else the trade calls it */
            alsoCalled: string[];
            /** @description tenths */
            height: number;
            heightText: string;
            level: string;
            purpose: string;
            position: string;
            dynamic: boolean;
            /** @enum {string} */
            sidedness: "both" | "one-sided" | "alternating";
            /** @description labels; all of it is needed */
            kit: string[];
            lever: string;
            leverText: string;
            cues: string[];
            check: string;
            faults: components["schemas"]["Fault"][];
            felt: string;
            notFelt: string;
            fallback: string;
            fallbackRung: string | null;
            wayOut: string;
            relief: string;
            loads: { [key: string]: number; };
            dose: string;
            /** @description of one repetition at the default dose; none for a hold */
            tempo: components["schemas"]["CuePhase"][];
            /** @description short names of secondary demands */
            secondary: string[];
            /** @description stands beside the trunk of the ladder: climbing passes it by */
            branch: boolean;
            /** @description it is done over, as a dose line writes them, smallest first; empty where there are none */
            ranges: string[];
            /** @description the same in words */
            rangesText: string;
        };
        /** @description What saving a session comes to; what it computes to is known from its preview. */
        SavedSessionView: {
            id: string;
            title: string;
            version: number;
            changedAt: string;
        };
        SavedView: {
            id: string;
        };
        ScreeningRequest: {
            id: string;
            /** @description danger signs answered with yes */
            signs: string[];
            /** @description danger signs answered with no */
            denied: string[];
            /**
             * @description who was asked
             * @enum {string}
             */
            asked: "person" | "guardian" | "carer";
        };
        /** @description One answer to the danger signs. */
        ScreeningView: {
            id: string;
            answeredOn: string;
            /** @description who was asked, in words */
            asked: string | null;
            /** @description who asked */
            by: string;
            /** @description answered with yes */
            signs: components["schemas"]["DangerSignView"][];
            /** @description a mistaken yes, by whoever reads this */
            mayTakeBack: boolean;
        };
        SecondStepAskedRequest: {
            /** @description of everybody in the practice */
            asked: boolean;
        };
        /** @description What an authenticator needs to show codes. */
        SecondStepView: {
            /** @description to be typed */
            secret: string;
            /** @description the same, to be read from a picture */
            address: string;
        };
        /** @description One stretch of the time strip. */
        SegmentView: {
            /** @enum {string} */
            stretch: "work" | "gap" | "rest" | "side-change" | "change-over";
            seconds: number;
            item: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
        };
        /** @description A session in a list, told apart by date, length and where it comes from. */
        SessionLineView: {
            id: string;
            title: string;
            /** @description date */
            madeOn: string;
            /** @description as written, such as 12:40; null for sessions from before lengths were kept */
            length: string | null;
            /** @description the person picks some of it: the length is that of the longest choice */
            isToPick: boolean;
            /** @description where it comes from, in words */
            origin: string | null;
            changedAt: string;
            lastDone: string | null;
        };
        SessionListView: {
            /** @description newest first */
            sessions: components["schemas"]["SessionLineView"][];
            /** @description what to ask for after these; null when there are no more */
            older: string | null;
            /** @description newest first */
            deleted: components["schemas"]["DeletedSessionView"][];
            /** @description the session at hand: planned today, else next, else the newest */
            next: string | null;
        };
        SessionRequest: {
            id: string;
            /** @description version that was read; 0 for a new session */
            version: number;
            title: string;
            /** @description of this session; the person’s own when null */
            minutes: number | null;
            /** @description so many of its exercises the person picks; null for all */
            picks: number | null;
            /** @description where a new session comes from, as the start said */
            origin: string | null;
            blocks: components["schemas"]["BlockInput"][];
        };
        /** @description A session as lines of text. */
        SessionTextRequest: {
            text: string;
        };
        /** @description A session in text, as it was read. */
        SessionTextView: {
            title: string | null;
            lines: components["schemas"]["TextLineView"][];
            blocks: components["schemas"]["WrittenBlockView"][];
            preview: components["schemas"]["PreviewView"];
        };
        SessionView: {
            id: string;
            title: string;
            version: number;
            changedAt: string;
            /** @description of this session; the person’s own when null */
            minutes: number | null;
            /** @description so many of its exercises the person picks; null for all */
            picks: number | null;
            preview: components["schemas"]["PreviewView"];
        };
        SetUpRequest: {
            rung: string;
            /** @description empty to have none */
            text: string;
            /** @description version that was read; 0 when there was none */
            version: number;
        };
        /** @description How a person sets up a rung for themselves. */
        SetUpView: {
            rung: string;
            text: string;
            version: number;
        };
        SettleNoteRequest: {
            /** @description an answer */
            text: string | null;
        };
        /** @description A shape that a week can start from. */
        ShapeChoiceView: {
            /** @enum {string} */
            shape: "finisher-and-own-days" | "three-routines" | "pick-some" | "one-at-a-time" | "daily-variation" | "six-minutes" | "circuit-of-six";
            label: string;
            words: string;
        };
        ShapeRequest: {
            /** @enum {string} */
            shape: "finisher-and-own-days" | "three-routines" | "pick-some" | "one-at-a-time" | "daily-variation" | "six-minutes" | "circuit-of-six";
        };
        /** @description A shape filled from the board: its sessions are written, its slots wait to be taken into the plan. */
        ShapedWeekView: {
            /** @enum {string} */
            shape: "finisher-and-own-days" | "three-routines" | "pick-some" | "one-at-a-time" | "daily-variation" | "six-minutes" | "circuit-of-six";
            label: string;
            slots: components["schemas"]["CoreSlotView"][];
            /** @description what stands in every week and stays, by slot: a squad meets whatever the shape */
            keeps: string[];
            /** @description what could not be as the shape says */
            notes: components["schemas"]["ReasonView"][];
        };
        ShareView: {
            demand: string;
            shortName: string;
            /** @description tenths of a per cent */
            share: number;
            /** @description tenths of a per cent */
            target: number;
        };
        /** @description An exercise as the person reads it. */
        SheetItemView: {
            name: string;
            position: string;
            doseText: string;
            tempoText: string;
            restText: string;
            cues: string[];
            /** @description how it is checked by touch, prop or photo */
            check: string;
            faults: components["schemas"]["Fault"][];
            fallback: string;
            /** @description the person’s own set-up; empty for none */
            setUp: string;
            kit: string;
            /** @description circuit the exercise belongs to, such as 1; 0 for none */
            circuit: number;
            figure: components["schemas"]["Figure"];
            fault: components["schemas"]["DrawnFault"] | null;
            felt: string;
            wayOut: string;
        };
        SheetPdfRequest: {
            /** @enum {string} */
            layout: "whole" | "page" | "cards";
            /** @description of a link to the person’s own page that is printed along */
            address: string | null;
            /** @description the same as a path of unit squares */
            code: string | null;
        };
        /** @description The page handed over to the person. */
        SheetView: {
            person: string;
            title: string;
            date: string;
            totalText: string;
            daysText: string;
            items: components["schemas"]["SheetItemView"][];
            /** @description how each circuit is done */
            circuits: string[];
            cautions: string[];
            /** @description what of the session a limit or missing kit keeps from the sheet */
            leftOut: components["schemas"]["ReasonView"][];
            /** @description how many the person picks; empty where all are done */
            picksText: string;
            /** @description of training in a week */
            days: number;
            /** @description when to stop */
            stop: string;
        };
        SignInRequest: {
            email: string;
            password: string;
            /** @description of the second step, where one is set up */
            code: string | null;
        };
        SignsRequest: {
            id: string;
            /** @description danger signs the person ticks */
            signs: string[];
        };
        SorenessRequest: {
            id: string;
            /** @description soreness of the trunk today, 0 to 10 */
            ofTen: number;
        };
        SquadLineView: {
            id: string;
            name: string;
            people: number;
            stations: number;
            /** @description such as Tuesday at 17:30, in every week */
            meets: string[];
        };
        /** @description When a squad meets, in every week, as it is sent. */
        SquadMeetingInput: {
            /** @description 1 Monday to 7 Sunday */
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @description it starts at, such as 17:30; the part of the day follows from it */
            time: string | null;
            /** @description planned, 0 to 10 */
            effort: number;
        };
        /** @description When a squad meets, in every week. */
        SquadMeetingView: {
            /** @description 1 Monday to 7 Sunday */
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @description it starts at, such as 17:30 */
            time: string | null;
            /** @description planned, 0 to 10 */
            effort: number;
            /** @description such as Tuesday at 17:30 */
            text: string;
            /** @description names of those in whose week it does not stand then */
            without: string[];
        };
        /** @description One of a squad, as it is sent. */
        SquadMemberInput: {
            person: string;
            /** @description whether they are here today */
            here: boolean;
        };
        /** @description One of a squad. */
        SquadMemberView: {
            person: string;
            name: string;
            /** @description today */
            here: boolean;
            /** @description station they begin at, from 0; null where they do not train today */
            start: number | null;
            /** @description stations in the order they come to them, again in each round; none where they do not train today */
            way: number[];
            /** @description why training is closed to them */
            closed: string | null;
            /** @description what was written for them, if it was */
            session: string | null;
            /** @description the last day of which it is told what they did in it: whether that is today is for the device to say, whose day may be another */
            toldOn: string | null;
            /** @description more than that is too hard */
            highestEffort: number;
            /** @description by station */
            places: components["schemas"]["SquadPlaceView"][];
            /** @description of their session */
            cautions: components["schemas"]["ReasonView"][];
        };
        /** @description A stretch of what somebody does at a station. */
        SquadPieceView: {
            /** @enum {string} */
            stretch: "work" | "gap" | "rest" | "side-change" | "change-over";
            seconds: number;
            /** @enum {string} */
            side: "left" | "right" | "both";
        };
        /** @description What one of a squad does at a station. */
        SquadPlaceView: {
            /** @description of the exercise in the written session; empty where they rest */
            id: string;
            /** @description null where they rest */
            rung: string | null;
            name: string;
            height: string;
            /** @description as it is written */
            dose: string;
            /** @description seconds in which they work */
            work: number;
            /** @description how these are spent, as “45 s: 20 s each side, right first” */
            words: string;
            /** @description of one time at the station */
            pieces: components["schemas"]["SquadPieceView"][];
            /** @description what each set asks for, per side where sides count apart */
            targets: number[];
            /** @description what is told of each set */
            sides: ("both" | "each" | "left" | "right")[];
            cues: string[];
            /** @description the easier version, in words */
            easier: string;
            /** @description that may take the rest of it where form is lost; of each `easier` says what makes it so */
            versions: components["schemas"]["SquadPlaceView"][];
            /** @description of the form check */
            questions: string[];
            /** @description the person’s own */
            setUp: string;
            /** @description places it asks something of, where it may hurt */
            loads: string[];
            /** @description what stands in for what, what is shorter, and why */
            notes: components["schemas"]["ReasonView"][];
        };
        /** @description Stations and clock as they are proposed for the people of a squad. */
        SquadProposalView: {
            /** @description slugs of ladders */
            stations: string[];
            work: number;
            change: number;
            rounds: number;
            roundRest: number;
            /** @description in words */
            text: string;
        };
        SquadRequest: {
            /** @description version that was read */
            version: number;
            name: string;
            /** @description in line */
            members: components["schemas"]["SquadMemberInput"][];
            /** @description slugs of ladders, in order */
            stations: string[];
            /** @description seconds */
            work: number;
            /** @description seconds from one station to the next */
            change: number;
            rounds: number;
            /** @description seconds */
            roundRest: number;
            /** @description where they train; null goes by the place of each */
            kit: ("mat" | "pillow" | "towel" | "wall" | "bench" | "step" | "blocks" | "sliders" | "band" | "partner" | "cable" | "dumbbell" | "kettlebell" | "sandbag" | "plate" | "corner-bar" | "barbell" | "ball" | "wheel" | "straps" | "medicine-ball" | "hanging-bar" | "knee-raise-tower" | "ankle-weights" | "dowel")[] | null;
            /** @description when, in every week */
            meets: components["schemas"]["SquadMeetingInput"][];
        };
        SquadStationView: {
            ladder: string;
            name: string;
            /** @enum {string} */
            demand: "anti-extension" | "anti-lateral-flexion" | "anti-flexion" | "anti-rotation" | "hip-stability" | "shoulder-girdle-stability" | "activation" | "trunk-flexion" | "trunk-rotation" | "integrated-lift";
            demandName: string;
            /** @description what has to lie there for those who are there at once, as “2 × mat” */
            kit: string[];
            /** @description the station one goes on to, from 0 */
            next: number;
        };
        /** @description What stands against a time for one of a squad. */
        SquadTimeAgainstView: {
            person: string;
            name: string;
            reasons: components["schemas"]["ReasonView"][];
        };
        /** @description A part of the week in which a squad could meet. */
        SquadTimeView: {
            /** @description 1 Monday to 7 Sunday */
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @description how many of its people */
            fits: number;
            /** @description what stands against it, by person */
            against: components["schemas"]["SquadTimeAgainstView"][];
        };
        /** @description When in the week a squad could meet. */
        SquadTimesView: {
            /** @description planned of a meeting more: that of those there are */
            effort: number;
            /** @description of how many people: of those who train */
            asked: number;
            /** @description every part of the week, in order of time */
            times: components["schemas"]["SquadTimeView"][];
            /** @description the one of them to look at first */
            best: number;
        };
        /** @description A squad's session: people by stations, and the clock. */
        SquadView: {
            id: string;
            name: string;
            version: number;
            /** @description seconds at a station */
            work: number;
            /** @description seconds from one to the next */
            change: number;
            rounds: number;
            /** @description seconds */
            roundRest: number;
            /** @description where they train; null goes by the place of each */
            kit: ("mat" | "pillow" | "towel" | "wall" | "bench" | "step" | "blocks" | "sliders" | "band" | "partner" | "cable" | "dumbbell" | "kettlebell" | "sandbag" | "plate" | "corner-bar" | "barbell" | "ball" | "wheel" | "straps" | "medicine-ball" | "hanging-bar" | "knee-raise-tower" | "ankle-weights" | "dowel")[] | null;
            /** @description when, in every week */
            meets: components["schemas"]["SquadMeetingView"][];
            /** @description as 14:30 */
            lengthText: string;
            /** @description of the clock */
            turns: components["schemas"]["Turn"][];
            stations: components["schemas"]["SquadStationView"][];
            /** @description in line */
            members: components["schemas"]["SquadMemberView"][];
            /** @description what the trainer should know of the stations */
            notes: components["schemas"]["ReasonView"][];
            /** @description what would be begun with today; null where it is this */
            proposal: components["schemas"]["SquadProposalView"] | null;
            /** @description where it can hurt */
            painPlaces: components["schemas"]["PainPlaceView"][];
            /** @description what loads a place that hurts more waits for another day */
            painStopsAbove: number;
        };
        SquadsView: {
            /** @description by name */
            squads: components["schemas"]["SquadLineView"][];
        };
        /** @description An exercise of the session, that a stage may change. */
        StageItemView: {
            id: string;
            rung: string;
            name: string;
            dose: string;
        };
        StageRequest: {
            id: string;
            /** @enum {string} */
            kind: "addition" | "dose" | "variation" | "follow-up" | "re-test";
            /** @enum {string} */
            after: "days" | "sessions";
            /** @description of days or sessions */
            count: number;
            /** @description exercise it changes */
            item: string | null;
            /** @description that comes; null where only a dose does */
            rung: string | null;
            /** @description as it is typed */
            dose: string | null;
            /** @description to the person */
            message: string | null;
        };
        /** @description A stage of a sheet. */
        StageView: {
            id: string;
            /** @enum {string} */
            kind: "addition" | "dose" | "variation" | "follow-up" | "re-test";
            /** @enum {string} */
            after: "days" | "sessions";
            count: number;
            /** @description such as day 5 */
            when: string;
            /** @description date; null until so many sessions are done */
            dueOn: string | null;
            /** @description exercise it changes */
            item: string | null;
            /** @description that comes */
            rung: string | null;
            /** @description that comes, or whose dose changes */
            rungName: string | null;
            dose: string | null;
            message: string;
            /** @description date; null while it is still to come */
            cameOn: string | null;
            /** @description why it was held back */
            held: string | null;
            /** @description what would hold it back as things stand today */
            warning: string | null;
        };
        /** @description The stages of a session’s sheet, on a strip of days. */
        StagesView: {
            /** @description date */
            today: string;
            /** @description date from which days are counted: the first of them */
            beginsOn: string;
            /** @description whether some are still to come of one exercise a week, which can be taken back */
            isSpread: boolean;
            /** @description in the order in which they come */
            stages: components["schemas"]["StageView"][];
            /** @description of the session as it is */
            items: components["schemas"]["StageItemView"][];
            /** @description a stage can be */
            kinds: components["schemas"]["ChoiceView"][];
        };
        /** @description Pain that was there before the first set of a session. */
        StartPain: {
            /** @enum {string} */
            place: "low-back" | "neck" | "back-of-thigh" | "front-of-hip" | "shoulder" | "wrist" | "knee" | "elsewhere";
            /**
             * @description left or right; null where the place has none, or it was not told
             * @enum {string|null}
             */
            side: "left" | "right" | "both" | null;
            /** @description 1–10 */
            pain: number;
        };
        /** @description What a new session starts from. */
        StartRequest: {
            /** @enum {string} */
            from: "board" | "empty" | "template" | "session";
            /** @description slug, from a template */
            template: string | null;
            /** @description id of an earlier session of the practice */
            session: string | null;
        };
        /** @description A rung proposed to start on. */
        StartView: {
            ladder: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            /** @description a careful guess: this ladder was not tested */
            guessed: boolean;
            rung: string;
            /** @description wall or chair version offered beside it */
            support: string | null;
            reasons: components["schemas"]["ReasonView"][];
            /** @description where the person stands now */
            standsOn: string | null;
            /** @description it begins with, in words */
            dose: string;
            whyDose: components["schemas"]["ReasonView"];
        };
        /** @description A state of the caution table. */
        StateView: {
            value: string;
            label: string;
            sided: boolean;
            caution: string;
            /** @description a clearance opens part of it */
            clearable: boolean;
        };
        /** @description A ladder over the weeks of a program. */
        StaveView: {
            ladder: string;
            name: string;
            demand: string;
            demandName: string;
            /** @description in order of time */
            cells: components["schemas"]["ProgramCellView"][];
            gates: components["schemas"]["GateForecastView"][];
            /** @description open to the person, lowest first */
            rungs: components["schemas"]["RungChoiceView"][];
        };
        /** @description Why a ladder of the program that holds is what it is. */
        StaveWhyView: {
            /** @description week by week */
            cells: components["schemas"]["CellWhyView"][];
            gates: components["schemas"]["GateForecastView"][];
        };
        /** @description A step of the ladder of work. */
        StepView: {
            /** @enum {string} */
            key: "person" | "checks" | "board" | "session" | "week" | "weeks" | "sheet" | "coach" | "review";
            /** @enum {string} */
            state: "done" | "open" | "attention" | "closed";
            count: number;
        };
        /** @description Where the person stood on a ladder at another time. */
        StoodView: {
            ladder: string;
            /** @enum {string} */
            side: "left" | "right" | "both";
            rung: string;
        };
        /** @description The nearest fitting rung for one that is ruled out. */
        SubstituteView: {
            slug: string;
            name: string;
            lost: string;
            reason: components["schemas"]["ReasonView"];
        };
        /** @description How one figure of a session adds up. */
        SumView: {
            /** @description id of an exercise, value of a demand, or one of work, rest, change-over */
            of: string;
            reason: components["schemas"]["ReasonView"];
        };
        /** @description How every figure of a session adds up, and the session as lines of text. Asked for when a figure is opened. */
        SumsView: {
            sums: components["schemas"]["SumView"][];
            /** @description without the title; empty where nothing can be read */
            text: string;
        };
        TakeProgramRequest: {
            id: string;
            /** @description the version it was compared with; null for the first */
            replaces: string | null;
            /** @description weeks taken over; all of them when null */
            mondays: string[] | null;
            why: string;
            wish: components["schemas"]["ProgramRequestView"];
        };
        /** @description A mistaken yes to a danger sign that was taken back. */
        TakenBackView: {
            answeredOn: string;
            by: string;
            reason: string;
        };
        /** @description What came of taking a written week out again. */
        TakenOutView: {
            /** @description what was done, and what stays */
            sentence: string;
        };
        /** @description What became of what a device told. */
        TakenView: {
            id: string;
            /** @description the day the training counts for */
            on: string;
            /** @description what of that day was put right, and why */
            clock: string | null;
            /** @description events that are kept, also those that were before */
            taken: string[];
            /** @description events that cannot be */
            refused: components["schemas"]["RefusedEventView"][];
            /** @description that stand now */
            sets: number;
            ended: boolean;
            /** @description the same session by another device that day: asked about */
            also: components["schemas"]["AlsoToldView"] | null;
            /** @description sets that were told in different ways: asked about */
            differing: components["schemas"]["DifferingSetView"][];
            /** @description what counts; null until it has ended */
            log: components["schemas"]["LogView"] | null;
        };
        /** @description A template, and what becomes of it for this person. */
        TemplateView: {
            slug: string;
            name: string;
            purpose: string;
            totalText: string;
            fits: boolean;
            exercises: string[];
            notes: string[];
        };
        TemplatesView: {
            templates: components["schemas"]["TemplateView"][];
            sessions: components["schemas"]["EarlierSessionView"][];
        };
        /** @description A test that was kept, in a sentence. */
        TestedView: {
            id: string;
            sentence: string;
        };
        /** @description How one line of a session in text was understood. */
        TextLineView: {
            /** @description from 1 */
            number: number;
            text: string;
            /** @description what is taken; null where the line is no exercise */
            name: string | null;
            /** @description names of what else the words could mean, where they are not sure */
            choices: string[];
            /** @description the part of the line that is the dose, as typed */
            dose: string;
            /** @description the dose that is taken */
            written: string;
            problem: string | null;
            /** @description where in the line reading stopped, from 0 */
            position: number | null;
        };
        /** @description One way a set was told. */
        ToldSetView: {
            event: string;
            set: components["schemas"]["ReportedSet"];
            /** @description what it says, in one line */
            words: string;
        };
        /** @description Where the seconds go; work + rest + changeOver = total. */
        TotalsView: {
            work: number;
            rest: number;
            changeOver: number;
            total: number;
            totalText: string;
            workText: string;
            restText: string;
            changeOverText: string;
            densityPercent: number;
        };
        /** @description A trainer of the practice, as the owner sees them. */
        TrainerView: {
            id: string;
            /** @description empty until they have joined */
            name: string;
            email: string;
            role: string;
            /** @description joined, invited, unreached where the letter of the invitation could not be sent, or ended */
            state: string;
            /** @description since when invited, unreached or ended, a date */
            since: string | null;
            isYou: boolean;
            secondStep: boolean;
        };
        TrainersView: {
            /** @description by name, those invited after them, those whose access was ended last */
            trainers: components["schemas"]["TrainerView"][];
            /** @description of everybody */
            asksSecondStep: boolean;
        };
        /** @description What a device tells of a training since it last could. Each thing is looked at by itself: one that cannot be read */
        TrainingRequest: {
            session: string;
            device: string;
            /** @description local date of the device at the start, or as set by hand */
            on: string;
            byHand: boolean;
            /** @description by the clock of the device, in milliseconds since 1970 */
            startedAt: number;
            /** @description by the clock of the device, in milliseconds since 1970 */
            sentAt: number;
            events: components["schemas"]["EventInput"][];
        };
        /** @description A training as it is told so far. */
        TrainingView: {
            id: string;
            session: string;
            title: string;
            on: string;
            /** @description milliseconds since 1970 */
            startedAt: number;
            ended: boolean;
            sets: number;
            /** @description training this one is */
            sameAs: string | null;
            /** @description told of it, by this device and others */
            events: components["schemas"]["Event"][];
        };
        /** @description A stretch of the squad's clock. */
        Turn: {
            /** @enum {string} */
            kind: "ready" | "work" | "change" | "rest";
            seconds: number;
            /** @description from 1 */
            round: number;
            /** @description how many stations everybody has moved on by in this round, from 0; of a change and a rest, with the round, where they lead to */
            place: number;
        };
        /** @description A message that did not reach the person. */
        UndeliveredView: {
            id: string;
            /** @enum {string} */
            kind: "link" | "stage" | "training" | "morning" | "re-test" | "quiet" | "urgent" | "answer";
            /** @enum {string} */
            way: "mail" | "text";
            /** @description date it was given up */
            on: string;
        };
        /** @description A training a device told of, of which something has to be said before it counts as told. */
        UnsettledView: {
            id: string;
            session: string;
            title: string;
            on: string;
            sets: number;
            /**
             * @description for what: its end, whether it is one training with another device's, or which answer holds
             * @enum {string}
             */
            waits: "end" | "two" | "answers";
            sentence: string;
            /** @description the training of another device it is asked about */
            also: components["schemas"]["AlsoToldView"] | null;
            /** @description sets that were told in different ways */
            differing: components["schemas"]["DifferingSetView"][];
        };
        /** @description An exercise that is left out until something is decided. */
        WaitingItemView: {
            item: string;
            reason: components["schemas"]["ReasonView"];
        };
        /** @description Something to know before a session is used, with its repair where there is one. */
        WarningView: {
            reason: components["schemas"]["ReasonView"];
            repair: components["schemas"]["RepairView"] | null;
        };
        /** @description A day of the week at hand. */
        WeekDayView: {
            day: number;
            date: string;
            today: boolean;
            trains: boolean;
            away: boolean;
            /** @description soreness of the trunk told on the day, 0 to 10 */
            sore: number | null;
            activationOnly: components["schemas"]["ReasonView"] | null;
            /** @description parts of the day in which the trunk recovers from a hard session */
            recovering: ("morning" | "midday" | "evening")[];
            /** @description what a session put there is to the rest of the day, by part */
            roles: { [key: string]: "primer" | "finisher" | "own-day" | "daily"; };
        };
        /** @description What a demand gets in the week. */
        WeekDemandView: {
            demand: string;
            shortName: string;
            /** @description sessions that meet it */
            met: number;
            /** @description the least; 0 where no week has to meet it */
            least: number;
            sets: number;
            /** @description time under tension, as 2:30 */
            work: string;
            reason: components["schemas"]["ReasonView"];
        };
        /** @description A core session as it is after a repair. */
        WeekEditView: {
            slot: string;
            /** @description one more of the same session */
            isNew: boolean;
            day: number;
            /** @enum {string} */
            part: "morning" | "midday" | "evening";
            /** @enum {string} */
            placement: "primer" | "finisher" | "own-day" | "daily";
            effort: number;
            /** @description it starts at, such as 17:30 */
            time: string | null;
        };
        /** @description A core session that is different in one week: elsewhere, lighter, or left out of it. */
        WeekMoveView: {
            slot: string;
            monday: string;
            /** @description null: left out that week */
            day: number | null;
            /** @enum {string|null} */
            part: "morning" | "midday" | "evening" | null;
            /** @enum {string|null} */
            placement: "primer" | "finisher" | "own-day" | "daily" | null;
            effort: number | null;
            /** @description it starts at, such as 17:30 */
            time: string | null;
        };
        /** @description What one key does about a clash in the week. */
        WeekRepairView: {
            label: string;
            edits: components["schemas"]["WeekEditView"][];
        };
        /** @description A session that can be placed, and where it would fit best. */
        WeekSessionView: {
            id: string;
            title: string;
            clock: string;
            /** @description what of it a limit or missing kit keeps from the person */
            leftOut: components["schemas"]["ReasonView"][];
            fits: components["schemas"]["CoreSlotView"] | null;
        };
        /** @description A week of core sessions among other training. */
        WeekView: {
            /** @description the program has a week of its own here that is not written into it yet */
            programWaits: boolean;
            /** @description 0 when nothing was placed yet */
            version: number;
            monday: string;
            /** @description of every week */
            slots: components["schemas"]["CoreSlotView"][];
            moves: components["schemas"]["WeekMoveView"][];
            /** @description dates */
            away: string[];
            days: components["schemas"]["WeekDayView"][];
            /** @description in this week */
            placed: components["schemas"]["PlacedSlotView"][];
            /** @description in this week */
            other: components["schemas"]["OtherTrainingView"][];
            /** @description most serious first */
            clashes: components["schemas"]["ClashView"][];
            demands: components["schemas"]["WeekDemandView"][];
            /** @description that can be placed, the newest first */
            sessions: components["schemas"]["WeekSessionView"][];
            /** @description so many there are in all */
            written: number;
            /** @description days with core work this week */
            coreDays: number;
            lowDays: number;
            highDays: number;
            /** @description more or fewer of them than the method asks for */
            daysOff: boolean;
            frequency: components["schemas"]["ReasonView"];
            /** @description planned effort from which a session is hard */
            hardFrom: number;
            load: number;
            loadTooMuch: boolean;
            loadReason: components["schemas"]["ReasonView"];
            /** @description a week can start from */
            shapes: components["schemas"]["ShapeChoiceView"][];
            /**
             * @description it was laid out from
             * @enum {string|null}
             */
            shape: "finisher-and-own-days" | "three-routines" | "pick-some" | "one-at-a-time" | "daily-variation" | "six-minutes" | "circuit-of-six" | null;
            /** @description what is not said of this week, since it is what its shape is */
            silenced: components["schemas"]["ReasonView"][];
            /** @description where the aim has a target for them */
            kinds: components["schemas"]["KindMixView"] | null;
            /** @description to be put off, from home */
            asked: components["schemas"]["AskedView"][];
            /** @description the same in other weeks */
            askedElsewhere: components["schemas"]["AskedElsewhereView"][];
        };
        WithdrawalRequest: {
            reason: string;
        };
        WordsRequest: {
            id: string;
            text: string;
        };
        /** @description A block as the composer writes it. */
        WrittenBlockView: {
            /** @enum {string} */
            kind: "straight" | "circuit";
            /** @enum {string} */
            part: "primer" | "main" | "finisher";
            items: components["schemas"]["WrittenItemView"][];
            gapSeconds: number[];
            roundRestSeconds: number;
        };
        /** @description An exercise as the composer writes it. */
        WrittenItemView: {
            id: string;
            rung: string;
            /** @description as it was typed */
            dose: string;
        };
    };
    responses: {
        /** @description Every error looks alike. */
        Error: {
            content: { "application/json": components["schemas"]["ErrorView"]; };
        };
    };
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    bench: {
        parameters: { query?: { after?: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["BenchView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    floor: {
        responses: {
            200: { content: { "application/json": components["schemas"]["FloorView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    setKeptDays: {
        requestBody: { content: { "application/json": components["schemas"]["KeptDaysRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SavedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    ping: {
        responses: {
            200: { content: { "application/json": components["schemas"]["PingView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    board: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["BoardView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    path: { parameters: {
        query?: { after?: string; };
        path: { person: string; };
    }; responses: {
        200: { content: { "application/json": components["schemas"]["PathView"]; }; };
        default: components["responses"]["Error"];
    }; };
    hardness: {
        parameters: {
            query?: { beside?: string; };
            path: { person: string; ladder: string; rung: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["HardnessView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    instead: {
        parameters: { path: { person: string; ladder: string; rung: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["InsteadView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    previewBoard: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["BoardChangeRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["BoardChangeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    place: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["PlacementRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["PlacedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    setUp: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SetUpRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SetUpView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    writeMark: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["MarkRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MarkView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    allowRung: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["AllowanceRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["AllowanceView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeAllowanceBack: {
        parameters: { path: { person: string; allowance: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    takePlacingBack: {
        parameters: { path: { person: string; placement: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    previewBrace: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["BraceRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["BraceView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    keepBrace: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["BraceRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["TestedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeBraceBack: {
        parameters: { path: { person: string; brace: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    checks: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ChecksView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    keepHold: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["HoldRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["TestedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeHoldBack: {
        parameters: { path: { person: string; hold: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    nextTrial: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ClimbRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ClimbStepView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    keepClimb: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ClimbRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["TestedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeClimbBack: {
        parameters: { path: { person: string; climb: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    keepPhoto: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "multipart/form-data": {
            /** @description ULID made by the caller */
            id: string;
            /** Format: binary */
            photo: string;
        }; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["PhotoView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    photo: {
        parameters: { path: { person: string; photo: string; }; };
        responses: {
            200: { content: { "image/jpeg": string; }; };
            default: components["responses"]["Error"];
        };
    };
    removePhoto: {
        parameters: { path: { person: string; photo: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    previewAlignment: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["AlignmentRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["AlignmentView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    keepAlignment: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["AlignmentRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["TestedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeAlignmentBack: {
        parameters: { path: { person: string; alignment: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    cueSheet: {
        parameters: {
            query?: { done?: string; };
            path: { person: string; session: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["CueSheetView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    readLogLine: {
        parameters: { path: { person: string; session: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["LogLineRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LogLineView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    logSession: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["LogRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["LogView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    correctLogTime: {
        parameters: { path: { person: string; log: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["LogTimeRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SavedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    tellMorning: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["MorningRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["SavedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    training: {
        parameters: { path: { person: string; training: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainingView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    tellTraining: {
        parameters: { path: { person: string; training: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["TrainingRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TakenView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    contact: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ContactView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeContact: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ContactRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ContactView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    endMessages: {
        parameters: {
            query?: { signature?: string; };
            path: { who: string; };
        };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    home: {
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    notToday: {
        requestBody: { content: { "application/json": components["schemas"]["NotTodayRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    tellWords: {
        requestBody: { content: { "application/json": components["schemas"]["WordsRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    endMessagesHere: {
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    homeCode: {
        requestBody: { content: { "application/json": components["schemas"]["CodeRequest"]; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    homeCues: {
        parameters: {
            query?: { done?: string; };
            path: { session: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["CueSheetView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    homeTraining: {
        parameters: { path: { training: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainingView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    tellFromHome: {
        parameters: { path: { training: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["TrainingRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TakenView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    tellSigns: {
        requestBody: { content: { "application/json": components["schemas"]["SignsRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    openHome: {
        requestBody: { content: { "application/json": components["schemas"]["OpenRequest"]; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    homeLinks: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LinksView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    renewHomeLinks: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LinksView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    makeHomeLink: {
        parameters: { path: { person: string; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["LinksView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    revokeHomeLinks: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LinksView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    sendHomeLink: {
        parameters: { path: { person: string; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["LinksView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    homeNotes: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeNotesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    writeHome: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["WordsRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["HomeNotesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    settleHomeNote: {
        parameters: { path: { person: string; note: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SettleNoteRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeNotesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    settleMessage: {
        parameters: { path: { person: string; message: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["HomeNotesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    stages: {
        parameters: { path: { person: string; session: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["StagesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    addStage: {
        parameters: { path: { person: string; session: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["StageRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["StagesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    oneExerciseAWeek: {
        parameters: { path: { person: string; session: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["OneAWeekRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["StagesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeOneAWeekBack: {
        parameters: { path: { person: string; session: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["StagesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    bringStageAgain: {
        parameters: { path: { person: string; session: string; stage: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["StagesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    removeStage: {
        parameters: { path: { person: string; session: string; stage: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["StagesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    ladder: {
        parameters: { path: { ladder: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LadderSourceView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    keepLadder: {
        parameters: { path: { ladder: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["LadderRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LadderSourceView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    letGoOfLadder: {
        parameters: { path: { ladder: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    checkLadder: {
        requestBody: { content: { "application/json": components["schemas"]["LadderCheckRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LadderCheckView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    readLadder: {
        requestBody: { content: { "application/json": components["schemas"]["LadderFileRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LadderCheckView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    ladderFile: {
        parameters: { path: { ladder: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LadderFileView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    library: {
        responses: {
            200: { content: { "application/json": components["schemas"]["LibraryView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    figures: {
        parameters: { path: { ladder: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LadderFiguresView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    "figures.faults": {
        parameters: { path: { ladder: string; rung: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["RungFaultsView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    method: {
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeMethod: {
        requestBody: { content: { "application/json": components["schemas"]["MethodRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    ownMethod: {
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeOwnMethod: {
        requestBody: { content: { "application/json": components["schemas"]["MethodRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    methodOfPerson: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeMethodOfPerson: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["MethodRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    methodOfProgram: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeMethodOfProgram: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["MethodRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    methodTrial: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MethodTrialView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    people: {
        parameters: { query?: { q?: string; show?: string; after?: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PeopleView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    addPerson: {
        requestBody: { content: { "application/json": components["schemas"]["PersonRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    person: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changePerson: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["PersonRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    archivePerson: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    restorePerson: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    screen: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ScreeningRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeScreeningBack: {
        parameters: { path: { person: string; screening: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["WithdrawalRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    clear: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ClearanceRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeClearanceBack: {
        parameters: { path: { person: string; clearance: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    personCopy: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/zip": string; }; };
            default: components["responses"]["Error"];
        };
    };
    erasePerson: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PersonView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    bringBack: {
        parameters: { path: { person: string; kind: string; row: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    access: {
        parameters: { query?: { with?: string; after?: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["AccessesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    me: {
        responses: {
            200: { content: { "application/json": components["schemas"]["MeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeMe: {
        requestBody: { content: { "application/json": components["schemas"]["MeRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changePassword: {
        requestBody: { content: { "application/json": components["schemas"]["OwnPasswordRequest"]; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    forgotPassword: {
        requestBody: { content: { "application/json": components["schemas"]["ForgottenRequest"]; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    resetPassword: {
        requestBody: { content: { "application/json": components["schemas"]["NewPasswordRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    join: {
        requestBody: { content: { "application/json": components["schemas"]["JoinRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    catalogue: {
        responses: {
            200: { content: { "application/json": components["schemas"]["CatalogueView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    confirmSecondStep: {
        requestBody: { content: { "application/json": components["schemas"]["AuthenticatorCodeRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PaperCodesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    beginSecondStep: {
        requestBody: { content: { "application/json": components["schemas"]["CurrentPasswordRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SecondStepView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    endSecondStep: {
        requestBody: { content: { "application/json": components["schemas"]["CurrentPasswordRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    signIn: {
        requestBody: { content: { "application/json": components["schemas"]["SignInRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["MeView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    signOut: {
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    trainers: {
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    inviteTrainer: {
        requestBody: { content: { "application/json": components["schemas"]["InviteRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    inviteAgain: {
        parameters: { path: { trainer: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    endAccess: {
        parameters: { path: { trainer: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    letInAgain: {
        parameters: { path: { trainer: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeRole: {
        parameters: { path: { trainer: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["RoleRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    askSecondStep: {
        requestBody: { content: { "application/json": components["schemas"]["SecondStepAskedRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    endSecondStepOf: {
        parameters: { path: { trainer: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TrainersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    readers: {
        parameters: {
            query?: { after?: string; };
            path: { person: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    share: {
        parameters: { path: { person: string; reader: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ReadershipRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    endSharing: {
        parameters: { path: { person: string; reader: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    writeReader: {
        parameters: { path: { person: string; reader: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["WordsRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["ReadersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    markNote: {
        parameters: { path: { person: string; note: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["MarkNoteRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeNoteBack: {
        parameters: { path: { person: string; note: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    readings: {
        parameters: { query?: { after?: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadingsView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    reading: {
        parameters: {
            query?: { after?: string; };
            path: { person: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadingView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    writeNote: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["WordsRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["ReadingView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeOwnNoteBack: {
        parameters: { path: { person: string; note: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReadingView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    loggedSets: {
        parameters: { path: { person: string; log: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["LoggedSetsView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    correctSet: {
        parameters: { path: { person: string; log: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["CorrectionRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["LoggedSetsView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    review: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ReviewView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    decisions: {
        parameters: {
            query?: { after?: string; };
            path: { person: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["DecisionsView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    decide: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["DecisionRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["DecisionView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeDecisionBack: {
        parameters: { path: { person: string; decision: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["DecisionView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    rules: {
        responses: {
            200: { content: { "application/json": components["schemas"]["RulesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    startSession: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["StartRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["DraftView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    sessionTemplates: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TemplatesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    readSessionText: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SessionTextRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SessionTextView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    sumSession: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["PreviewRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SumsView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    orderSession: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["PreviewRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["OrdersView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    fitSession: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["FitRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["FitView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    nextDoses: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["NextDosesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    sessions: {
        parameters: {
            query?: { after?: string; with?: string; };
            path: { person: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["SessionListView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    writeSession: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SessionRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["SavedSessionView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    session: {
        parameters: { path: { person: string; session: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SessionView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeSession: {
        parameters: { path: { person: string; session: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SessionRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SavedSessionView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    deleteSession: {
        parameters: { path: { person: string; session: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    bringSessionBack: {
        parameters: { path: { person: string; session: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SavedSessionView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    previewSession: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["PreviewRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["PreviewView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    sheet: {
        parameters: { path: { person: string; session: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SheetView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    sheetPdf: {
        parameters: { path: { person: string; session: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SheetPdfRequest"]; }; };
        responses: {
            200: { content: { "application/pdf": string; }; };
            default: components["responses"]["Error"];
        };
    };
    squads: {
        responses: {
            200: { content: { "application/json": components["schemas"]["SquadsView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    beginSquad: {
        requestBody: { content: { "application/json": components["schemas"]["NewSquadRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["SavedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    squad: {
        parameters: { path: { squad: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SquadView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    changeSquad: {
        parameters: { path: { squad: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SquadRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SquadView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    letGoOfSquad: {
        parameters: { path: { squad: string; }; };
        responses: {
            /** @description Done; nothing to say. */
            204: {};
            default: components["responses"]["Error"];
        };
    };
    bringSquadBack: {
        parameters: { path: { squad: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SavedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    squadTimes: {
        parameters: { path: { squad: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SquadTimesView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    writeSquadSessions: {
        parameters: { path: { squad: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["SquadView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    calendar: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["CalendarView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    setUpCalendar: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["CalendarRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["CalendarView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    calendarFile: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "text/calendar": string; }; };
            default: components["responses"]["Error"];
        };
    };
    makeCalendarAddress: {
        parameters: { path: { person: string; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["CalendarView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    revokeCalendarAddress: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["CalendarView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    week: {
        parameters: {
            query?: { older?: string; };
            path: { person: string; date: string; };
        };
        responses: {
            200: { content: { "application/json": components["schemas"]["WeekView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    layOutWeek: {
        parameters: { path: { person: string; date: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["PlanRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["WeekView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    shapeWeek: {
        parameters: { path: { person: string; date: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ShapeRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["ShapedWeekView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    tellSoreness: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["SorenessRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["SavedView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    program: {
        parameters: { path: { person: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ProgramPageView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    programWhy: {
        parameters: { path: { person: string; ladder: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["StaveWhyView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    proposeProgram: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["ProposeProgramRequest"]; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ProgramView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeProgram: {
        parameters: { path: { person: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["TakeProgramRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["ProgramPageView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    programVersion: {
        parameters: { path: { person: string; program: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ProgramView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeProgramAgain: {
        parameters: { path: { person: string; program: string; }; };
        requestBody: { content: { "application/json": components["schemas"]["AgainRequest"]; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["ProgramPageView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    writeProgramWeek: {
        parameters: { path: { person: string; date: string; }; };
        responses: {
            201: { content: { "application/json": components["schemas"]["ProgramPageView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeOutProgramWeek: {
        parameters: { path: { person: string; date: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["TakenOutView"]; }; };
            default: components["responses"]["Error"];
        };
    };
    takeProgramBack: {
        parameters: { path: { person: string; program: string; }; };
        responses: {
            200: { content: { "application/json": components["schemas"]["ProgramPageView"]; }; };
            default: components["responses"]["Error"];
        };
    };
}
