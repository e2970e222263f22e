<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\ReaderLocale;
use App\Models\KitImport;
use App\Models\Supplier;
use App\Models\User;
use App\Shelf\ColumnMap;
use App\Shelf\KitListImport;
use App\Shelf\ListChanges;
use App\Shelf\ShelfError;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PDOException;

/** A supplier's list on its way to the shelf. */
final class KitListController
{
    /** So long one request reads; the page asks for the next piece. */
    private const SECONDS = 0.6;

    private const ERRORS_SHOWN = 200;

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'supplier' => ['required', 'string', 'max:100'],
            'list' => ['required', 'file', 'max:120000'],
        ]);
        $file = $given['list'];
        try {
            $list = KitListImport::begin(
                Supplier::named($given['supplier']), $file->getRealPath(),
                $file->getClientOriginalName(), $user->name,
            );
        } catch (ShelfError $e) {
            return back()->withInput()->withErrors(['list' => ucfirst($e->getMessage()).'.']);
        }

        return redirect()->route('lists.show', $list->import());
    }

    public function show(Request $request, KitImport $list): View
    {
        $view = $request->header('HX-Request') === 'true' ? 'shelf.progress' : 'shelf.list';

        return view($view, self::shown($list));
    }

    public function map(Request $request, KitImport $list): RedirectResponse
    {
        $given = $request->validate([
            'columns' => ['required', 'array', 'max:300'], 'columns.*.name' => ['required', 'string', 'max:200'],
            'columns.*.field' => ['nullable', 'string', 'max:60'], 'columns.*.unit' => ['nullable', 'string', 'max:20'],
            'currency' => ['nullable', 'string', 'max:3'],
        ]);
        try {
            (new KitListImport($list))->map(ColumnMap::of([
                'columns' => array_column($given['columns'], null, 'name'), 'currency' => $given['currency'] ?? '',
            ]));
        } catch (ShelfError $e) {
            return back()->withInput()->withErrors(['columns' => ucfirst($e->getMessage()).'.']);
        }

        return redirect()->route('lists.show', $list);
    }

    /** Reads the next piece, and answers with how far it is. */
    public function read(Request $request, KitImport $list): View|RedirectResponse
    {
        $trouble = '';
        try {
            (new KitListImport($list))->read(self::SECONDS);
        } catch (ShelfError|PDOException $e) {
            $trouble = $e instanceof ShelfError ? ucfirst($e->getMessage()).'.'
                : 'It could not be stored just now; what was read before is kept. Is the disk full?';
        }
        if ($request->header('HX-Request') !== 'true') {
            return redirect()->route('lists.show', $list)->withErrors($trouble === '' ? [] : ['list' => $trouble]);
        }

        return view('shelf.progress', [...self::shown($list->refresh()), 'trouble' => $trouble]);
    }

    public function take(Request $request, KitImport $list): RedirectResponse
    {
        try {
            (new KitListImport($list))->take($request->boolean('good_rows'));
        } catch (ShelfError $e) {
            return back()->withErrors(['list' => ucfirst($e->getMessage()).'.']);
        } catch (PDOException) {
            return back()->withErrors(['list' => 'It could not be stored just now; the shelf is as it was. Try again.']);
        }

        return redirect()->route('lists.show', $list)->with('notice', 'The list is on the shelf.');
    }

    public function drop(KitImport $list): RedirectResponse
    {
        (new KitListImport($list))->drop();

        return redirect()->route('shelf')->with('notice', 'The list was dropped; the shelf is as it was.');
    }

    /** @return array<string, mixed> */
    private static function shown(KitImport $list): array
    {
        return [
            'list' => $list->load('supplier'), 'reading' => new KitListImport($list), 'trouble' => '', 'columns' => ColumnMap::choices(),
            'display' => ReaderLocale::display(),
            'coming' => $list->state === KitImport::READ ? ListChanges::of($list, self::ERRORS_SHOWN) : [],
            'wrong' => $list->errors()->orderBy('id')->limit(self::ERRORS_SHOWN)->get(),
        ];
    }
}
