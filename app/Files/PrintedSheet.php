<?php

declare(strict_types=1);

namespace App\Files;

use App\Drawings\HabitsDrawing;
use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use App\Models\Photo;
use App\Page\CustomerPage;
use App\Page\Driving;
use App\Page\PrintedFindings;
use App\Page\WorkDone;
use Spindle\Record\RecordSubject;
use TCPDF;

/**
 * The printed sheet as a PDF of A4 pages: one in plain language for the customer with a drawing of the wear and of the new setting, one
 * with figures and limits. Made on the server, without a browser.
 */
final class PrintedSheet
{
    private const FONT = 'dejavusans';

    /** Millimetres of the page. */
    private const BOTTOM = 282.0;

    private const RIGHT = 194.0;

    private const PHOTO_HEIGHT = 60.0;

    private const PHOTO_LEAST = 25.0;

    private function __construct(private TCPDF $pdf, private AssessedJob $page)
    {
    }

    /** @return string the file */
    public static function of(AssessedJob $page): string
    {
        $pdf = new TCPDF('P', 'mm', 'A4', true, 'UTF-8');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->SetCreator('Jade Spindle');
        $pdf->SetTitle("Clutch service record {$page->job->label()}");
        $pdf->SetMargins(16, 14, 16);
        $pdf->SetAutoPageBreak(true, 14);
        $sheet = new self($pdf, $page);
        $sheet->customer();
        $sheet->technician();

        return (string) $pdf->Output('', 'S');
    }

    private function customer(): void
    {
        $said = CustomerPage::of($this->page);
        $this->pdf->AddPage();
        $this->letterhead();
        $this->title('Your clutch');
        $this->line(trim("{$this->page->job->vehicle->name}   {$this->page->job->vehicle->plate}").', '.$this->signed());
        if ($this->page->keeper() !== []) {
            $this->line('For '.implode(', ', $this->page->keeper()));
        }
        foreach (['What was wrong' => $said->wrong(), 'What was done' => $said->done(), 'What went in' => $said->fitted(),
            'What it cost' => $said->cost(),
            'How to treat it' => $said->treat(),
            'When to come back' => $said->comeBack() === '' ? [] : [$said->comeBack()],
        ] as $title => $lines) {
            if ($lines !== []) {
                $this->heading($title);
                foreach ($lines as $line) {
                    $this->line($title === 'What went in' || $title === 'How to treat it' ? "•  {$line}" : $line);
                }
            }
        }
        $this->drawings();
        $this->driving();
        $this->photos();
    }

    /** Those chosen for the sheet, as many as the page has room for; the others are in the archive of the job. */
    private function photos(): void
    {
        $chosen = RecordSubject::chosen($this->page->current->typed(RecordSubject::PHOTOS));
        $y = (float) $this->pdf->GetY() + 3.0;
        $height = min(self::PHOTO_HEIGHT, self::BOTTOM - $y);
        $x = 16.0;
        /** @var Photo $photo */
        foreach ($this->page->job->photos()->orderBy('id')->get() as $photo) {
            $width = $height * $photo->width / max(1, $photo->height);
            $file = $photo->picture();
            if ($file === null || ! in_array(substr($photo->sha256, 0, 12), $chosen, true) || $height < self::PHOTO_LEAST
                || $x + $width > self::RIGHT) {
                continue;
            }
            $this->pdf->Image('@'.$file, $x, $y, $width, $height, 'JPEG');
            $x += $width + 4.0;
        }
    }

    /** The old lining as a bar of what was used and what was left; the pedal as it is set now. */
    private function drawings(): void
    {
        $percent = $this->page->assessment->figure('wear.percent');
        $takeUp = $this->page->assessment->figure('release.take_up_percent');
        if (is_float($percent)) {
            $this->heading('The old lining');
            $this->bar([[min(100.0, max(0.0, $percent)), 'used', 150], [max(0.0, 100.0 - $percent), 'left', 225]]);
        }
        if (is_float($takeUp)) {
            $this->heading('The pedal as it is set now');
            $this->bar([[100.0 - $takeUp, 'pressed down to here: takes up', 225], [$takeUp, 'to the floor', 190]]);
        }
    }

    /** What the habits of the driver cost, where they were looked at with him: a bar for each, as long as the lining lasts. */
    private function driving(): void
    {
        $driving = Driving::of($this->page);
        $drawing = $driving->isKept ? HabitsDrawing::of($driving) : null;
        if ($drawing === null) {
            return;
        }
        $this->heading('How long the new lining lasts, driven one way and another');
        $this->pdf->SetFont(self::FONT, '', 8.5);
        foreach ($drawing->bars as $bar) {
            $y = (float) $this->pdf->GetY();
            $this->pdf->SetFillColor(190);
            $this->pdf->SetXY(16.0, $y);
            $this->pdf->Cell(78, 4.6, $bar['label'].($bar['far'] === '' ? '' : ": {$bar['far']}"), 0, 0, 'L');
            $this->pdf->Rect(96.0, $y + 0.6, max(0.2, 40.0 * $bar['share']), 3.4, 'DF');
            $this->pdf->SetXY(138.0, $y);
            $this->pdf->Cell(56, 4.6, $bar['said'], 0, 1, 'L');
        }
        $this->pdf->SetFont(self::FONT, '', 7.5);
        $this->pdf->MultiCell(0, 4, $driving->leansOn(), 0, 'L');
    }

    /** @param  list<array{float, string, int}>  $parts  share in per cent, its word, its grey */
    private function bar(array $parts): void
    {
        $x = 16.0;
        $y = (float) $this->pdf->GetY() + 1.0;
        foreach ($parts as [$share, $word, $grey]) {
            $width = 178.0 * $share / 100;
            $this->pdf->SetFillColor($grey);
            $this->pdf->Rect($x, $y, $width, 9.0, 'DF');
            if ($width > 16.0) {
                $this->pdf->SetFont(self::FONT, '', 8.5);
                $this->pdf->SetXY($x, $y + 2.0);
                $this->pdf->Cell($width, 5, $word.' '.$this->page->display->percent($share / 100), 0, 0, 'C');
            }
            $x += $width;
        }
        $this->pdf->SetXY(16.0, $y + 12.0);
    }

    private function technician(): void
    {
        $this->pdf->AddPage();
        $this->letterhead();
        $this->title('Figures and limits, '.$this->page->job->label());
        $this->line($this->signed());
        $rows = '';
        foreach (PrintedFindings::of($this->page) as $line) {
            $rows .= '<tr><td width="16%"><b>'.e($line->verdict->label()).'</b></td><td width="62%">'.e($line->said)
                .($line->waiver === '' ? '' : ' <i>'.e($line->waiver).'</i>').'</td><td width="22%">'.e($line->limit).'</td></tr>';
        }
        $this->pdf->SetFont(self::FONT, '', 7);
        $this->pdf->writeHTML('<table border="0" cellpadding="1.5">'.$rows.'</table>', true, false, true);
        $this->pdf->SetFont(self::FONT, '', 7);
        foreach (WorkDone::of($this->page) as $line) {
            $this->pdf->MultiCell(0, 3.6, $line, 0, 'L');
        }
        $this->pdf->Ln(1.5);
        $this->pdf->MultiCell(0, 4, 'Follow the vehicle maker’s procedure, local rules and licensed practice; figures here support a '
            .'trained technician’s judgement.', 0, 'L');
        if ($this->page->job->signedSheet !== null) {
            $this->pdf->MultiCell(0, 4, "Frozen file, SHA-256 {$this->page->job->signedSheet->sha256}", 0, 'L');
        }
    }

    private function signed(): string
    {
        $signed = $this->page->job->signedSheet;

        return $signed === null ? 'not signed: working copy'
            : 'signed by '.$signed->author().', '.ReaderLocale::dateTime($signed->at);
    }

    /** Which workshop made it. */
    private function letterhead(): void
    {
        $shop = $this->page->shop();
        if ($shop->name() === '' && $shop->lines() === []) {
            return;
        }
        $this->pdf->SetFont(self::FONT, '', 7.5);
        $said = array_filter([trim("{$shop->mark()} {$shop->name()}"), ...$shop->lines()], static fn (string $line): bool => $line !== '');
        $this->pdf->MultiCell(0, 4, implode('  ·  ', $said), 0, 'L');
    }

    private function title(string $text): void
    {
        $this->pdf->SetFont(self::FONT, 'B', 16);
        $this->pdf->MultiCell(0, 9, $text, 0, 'L');
    }

    private function heading(string $text): void
    {
        $this->pdf->SetFont(self::FONT, 'B', 10.5);
        $this->pdf->Ln(2);
        $this->pdf->MultiCell(0, 6, $text, 0, 'L');
    }

    private function line(string $text): void
    {
        $this->pdf->SetFont(self::FONT, '', 9.5);
        $this->pdf->MultiCell(0, 5, $text, 0, 'L');
    }
}
