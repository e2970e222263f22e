<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Jobs\SecondLook;
use App\Models\Job;
use App\Models\User;
use App\Models\Waiver;
use Spindle\Limit\Concession as Reason;
use Spindle\Limit\ConcessionError;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Limit\WhoMayPass;
use Spindle\Sheet\ConcessionBasis;
use Spindle\Sheet\SheetError;

/**
 * Lets findings of a job pass, each with a reason; everything that is open at once only the lead. What somebody may not decide alone is
 * kept as asked for, and lets nothing pass until somebody agrees who may.
 */
final readonly class LetPass
{
    public function __construct(private User $by)
    {
    }

    /** @throws SheetError when nothing is judged under that name, or there is nothing to let pass */
    public function one(Job $job, string $finding, string $reason): Waiver
    {
        $page = AssessedJob::of($job);
        $found = $page->assessment->find($finding)
            ?? throw SheetError::unreadable('nothing on this job is judged under that name');

        return $this->write($page, $job, $found, $reason, self::mayAlone($this->by, $found->verdict));
    }

    /**
     * Everything that holds up the signature and that a reason can let pass.
     *
     * @return list<Waiver>
     */
    public function all(Job $job, string $reason): array
    {
        $page = AssessedJob::of($job);

        return array_map(
            fn (Finding $f): Waiver => $this->write($page, $job, $f, $reason, $this->by->isLead()),
            $page->signOff->waivable($page->assessment),
        );
    }

    /**
     * Agrees to what was shown: this finding, this reason, this job as it stood.
     *
     * @throws SheetError when nobody asked for it, it is no longer what was shown, or this person may not agree
     */
    public function agree(Job $job, Agreement $to): Waiver
    {
        $page = AssessedJob::of($job);
        $asked = $page->letThrough->asked($to->finding) ?? throw SheetError::unreadable('nobody asks for that any more');
        if (! self::mayAgree($this->by, $asked)) {
            throw SheetError::unreadable('somebody else has to agree: the lead'.(SecondLook::isWanted() ? ', or a second person' : ''));
        }
        if (! Agreement::on($page, $asked)->isSameAs($to)) {
            throw SheetError::unreadable('what is asked for was changed meanwhile; look at it again');
        }

        $found = $page->assessment->find($to->finding);

        return self::keep($job, [
            'finding' => $to->finding, 'reason' => $asked->reason, 'reach' => $asked->reach, 'by_name' => $asked->by_name,
            'seconded_by' => $this->by->name, 'user_id' => $asked->user_id, 'seconded_id' => $this->by->id, 'found' => $to->found,
            'basis' => $found === null ? $asked->basis : ConcessionBasis::of($found, $page->sheet),
        ]);
    }

    public function takeBack(Job $job, string $finding): Waiver
    {
        return self::keep($job, ['finding' => $finding, 'reason' => '', 'withdrawn' => true, 'by_name' => $this->by->name,
            'user_id' => $this->by->id]);
    }

    public static function mayAlone(User $user, Verdict $found): bool
    {
        return self::who($user)->alone($found);
    }

    public static function mayAgree(User $user, Waiver $asked): bool
    {
        // By account: a name can be changed. What was asked for before accounts were noted goes by the name.
        $isOwn = $asked->user_id === null ? ! $asked->stated && $user->name === $asked->by_name : $user->id === $asked->user_id;

        return self::who($user)->agree($isOwn, $asked->stated);
    }

    private static function who(User $user): WhoMayPass
    {
        return new WhoMayPass($user->isLead(), SecondLook::isWanted());
    }

    private function write(AssessedJob $page, Job $job, Finding $found, string $reason, bool $isAlone): Waiver
    {
        try {
            $reach = Reason::of($reason, $found->verdict)->reach;
        } catch (ConcessionError $e) {
            throw SheetError::unreadable($e->getMessage());
        }

        return self::keep($job, [
            'finding' => $found->id, 'reason' => $reason, 'reach' => $reach->value, 'asked' => ! $isAlone, 'by_name' => $this->by->name,
            'user_id' => $this->by->id, 'found' => $found->say($page->display), 'basis' => ConcessionBasis::of($found, $page->sheet),
        ]);
    }

    /** @param  array<string, string|bool|int|null>  $row */
    private static function keep(Job $job, array $row): Waiver
    {
        $waiver = Waiver::query()->create([
            ...$row, 'clutch_job_id' => $job->id, 'at' => now(), 'version' => $job->lastSeq(),
        ]);
        $job->waivers->push($waiver);
        $job->touch();

        return $waiver;
    }
}
