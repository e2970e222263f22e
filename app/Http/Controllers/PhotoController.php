<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use App\Photos\CleanPicture;
use App\Photos\PhotoError;
use App\Photos\PhotoStore;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Spindle\Assessment\StripPart;
use Spindle\Sheet\Station;
use Symfony\Component\HttpFoundation\Response;

final class PhotoController
{
    public function store(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'station' => ['required', Rule::enum(Station::class)],
                'part' => ['nullable', Rule::enum(StripPart::class)],
                'caption' => ['required', 'string', 'max:200'],
                'photo' => ['required', 'file', 'max:16000'],
            ],
            [
                'caption.required' => 'Part: say which part the photo shows.',
                'photo.required' => 'Photo: choose a picture or take one.',
                'photo.max' => 'Photo: larger than 16 MB; take it smaller.',
                'photo.uploaded' => 'Photo: it did not arrive whole, or is larger than this server takes.',
            ],
        );
        $part = $given['part'] ?? null;
        $page = redirect()->to(
            $part === null
                ? route('station', [$job, $given['station']])
                : route('station', [$job, $given['station'], 'part' => $part])."#part-{$part}",
        );
        $file = $request->file('photo');
        if (! $file instanceof UploadedFile) {
            abort(422);
        }
        if ($job->load('signedSheet')->isSigned()) {
            return $page->withErrors(['photo' => 'Photo: this job is signed; add a note instead.']);
        }
        try {
            $kept = (new PhotoStore($job, $user))->keep(
                CleanPicture::of($file->getContent()),
                $given['station'],
                $part,
                $given['caption'],
            );
        } catch (PhotoError $e) {
            return $page
                ->withInput(['caption' => $given['caption'], 'part' => $part])
                ->withErrors(['photo' => "Photo: {$e->getMessage()}."]);
        }

        return $kept ? $page : $page->withErrors(['photo' => 'Photo: this job was signed meanwhile; add a note instead.']);
    }

    public function show(Job $job, Photo $photo): Response
    {
        $picture = $photo->clutch_job_id === $job->id ? $photo->picture() : null;
        abort_if($picture === null, 404);

        return new Response($picture, 200, ['Content-Type' => 'image/jpeg']);
    }
}
