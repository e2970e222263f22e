<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\KitOnShelf;
use App\Books\ShelfLine;
use App\Models\Kit;
use App\Models\KitDetail;
use App\Models\KitImport;
use App\Models\Supplier;
use App\Shelf\ColumnMap;
use App\Shelf\Correction;
use App\Shelf\OpenKitList;
use App\Shelf\RowError;
use App\Shelf\ShelfError;
use App\Shelf\ShelfFilter;
use App\Shelf\ShelfKit;
use App\Store\Temporary;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Spindle\Kit\KitPart;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The shelf of kits by itself: what is on it, what comes in, what goes out. */
final class ShelfController
{
    private const ON_A_PAGE = 25;

    public function index(Request $request): View
    {
        $filter = ShelfFilter::of($request);
        $kits = $filter->kits()->orderBy('number')->orderBy('id')->simplePaginate(self::ON_A_PAGE)->withQueryString()
            ->through(static fn (\stdClass $kit): ShelfLine => ShelfLine::of($kit));

        $lists = KitImport::query()->with('supplier')->orderByDesc('id')->limit(8)->get();

        return view('shelf.index', [
            'filter' => $filter, 'kits' => $kits, 'suppliers' => Supplier::query()->orderBy('name')->pluck('name', 'id'),
            'lists' => $lists,
            // What was begun, or refused, and an empty shelf ask for it.
            'isAsked' => $lists->contains(static fn (KitImport $list): bool => $list->isOpen()) || $request->session()->has('errors')
                || ($kits->isEmpty() && $filter->isNone()),
        ]);
    }

    public function show(Kit $kit): View
    {
        return view('shelf.kit', ['shown' => KitOnShelf::of($kit->load(['detail', 'supplier']))]);
    }

    public function create(Request $request): View
    {
        $kit = Kit::query()->with(['detail', 'supplier'])->find($request->integer('kit'));

        return view('shelf.new', [
            'kit' => $kit, 'suppliers' => Supplier::query()->orderBy('name')->pluck('name'), 'columns' => ColumnMap::choices(),
        ]);
    }

    /** One kit entered by hand. */
    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'supplier' => ['required', 'string', 'max:100'], 'kit' => ['array'], 'kit.*' => ['nullable', 'string', 'max:4000'],
        ]);
        $supplier = Supplier::named($given['supplier']);
        $data = array_intersect_key(array_map(strval(...), $given['kit'] ?? []), array_flip(OpenKitList::columns()));
        $put = ShelfKit::put($supplier, $data);
        if (! $put instanceof Kit) {
            $said = [];
            foreach ($put as $error) {
                /** @var RowError $error */
                $said["kit.{$error->column}"] = ucfirst(str_replace('_', ' ', $error->column)).': '.
                    ($error->read === '' ? '' : "read “{$error->read}”, ")."expected {$error->expected}.";
            }

            return back()->withInput()->withErrors($said);
        }

        return redirect()->route('shelf.kit', $put)->with('notice', "{$put->name} stands on the shelf.");
    }

    /** What is in its box, where the reading of the supplier's words is wrong. */
    public function contents(Request $request, Kit $kit): RedirectResponse
    {
        $given = $request->validate(['parts' => ['array'], 'parts.*' => [Rule::enum(KitPart::class)]]);
        Correction::ofContents($kit, array_values(array_map(KitPart::from(...), $given['parts'] ?? [])));

        return back()->with('notice', "What is in the box of {$kit->name} is corrected, and stays so when its list comes again.");
    }

    /** The whole shelf as an open kit list. */
    public function export(): BinaryFileResponse
    {
        // Written whole before the first of it is sent: a list that breaks off in the middle looks like a whole one.
        $path = Temporary::filled('kits', static function (string $path): void {
            $out = fopen($path, 'wb') ?: throw ShelfError::unreadable();
            OpenKitList::write($out, KitDetail::query()->lazyById(500, 'kit_id'));
            fclose($out);
        });

        return response()->download($path, 'kits.csv', ['Content-Type' => 'text/csv; charset=UTF-8'])->deleteFileAfterSend();
    }
}
