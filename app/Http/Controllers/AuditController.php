<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\AuditEntry;
use App\Audit\LogTopic;
use App\Models\User;
use App\Upkeep\ShopCheck;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What happened, for the lead to read. */
final class AuditController
{
    public function __invoke(Request $request): View
    {
        $sieve = $request->validate([
            'topic' => ['nullable', Rule::enum(LogTopic::class)],
            'who' => ['nullable', 'string', 'max:100'],
            'since' => ['nullable', 'date_format:Y-m-d'],
            'until' => ['nullable', 'date_format:Y-m-d'],
            'words' => ['nullable', 'string', 'max:100'],
        ], ['since.date_format' => 'From: a day is expected.', 'until.date_format' => 'To: a day is expected.']);

        return view('accounts.audit', [
            'sieve' => $sieve, 'topics' => LogTopic::cases(),
            'backup' => ShopCheck::newestBackup(),
            'isOld' => ShopCheck::isOld(ShopCheck::newestBackup()),
            'people' => User::query()->orderBy('name')->pluck('name')->all(),
            'entries' => AuditEntry::sieved($sieve)->orderByDesc('id')->cursorPaginate(AuditEntry::PAGE)->withQueryString(),
        ]);
    }
}
