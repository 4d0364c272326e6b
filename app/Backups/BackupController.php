<?php

declare(strict_types=1);

namespace App\Backups;

use App\Access\AccessControl;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Safe keeping: copies, putting one back, open files both ways. */
final class BackupController
{
    private const INCOMING = 'workroom/incoming';

    public function show(Request $request): View
    {
        return view(
            'backups.page',
            [
                'copies' => BackupFiles::all(),
                'isHere' => AccessControl::isThisMachine($request),
                'undo' => session('before'),
            ],
        );
    }

    /** A copy of this moment, to take along. */
    public function copy(): BinaryFileResponse|RedirectResponse
    {
        $file = BackupFiles::leaving();
        try {
            BackupFiles::to($file);
        } catch (RecordRefused $refused) {
            return redirect()->route('backups')->with('refused', $refused->said());
        }
        BackupFiles::taken();

        return response()
            ->download($file, 'ilvane-'.Carbon::now()->format('Y-m-d-His').'.sqlite')
            ->deleteFileAfterSend();
    }

    public function take(string $name): BinaryFileResponse
    {
        return response()->download(BackupFiles::named($name) ?? abort(404));
    }

    public function putBack(Request $request, string $name): RedirectResponse
    {
        $file = BackupFiles::named($name) ?? abort(404);

        return $this->restored($request, static fn (): string => BackupFiles::restore($file));
    }

    public function restore(Request $request): RedirectResponse
    {
        return $this->restored($request, function () use ($request): string {
            $sent = $this->sent($request);

            return BackupFiles::restore($sent->getPathname(), $sent->getClientOriginalName());
        });
    }

    public function export(): Response
    {
        return new Response(
            WorkroomArchive::zip(),
            200,
            [
                'Content-Type' => 'application/zip',
                'Content-Disposition' => 'attachment; filename="ilvane-'.Carbon::now()->format('Y-m-d').'.zip"',
            ],
        );
    }

    /** What is in the files, and what differs; they wait for the answer under a name of their own. */
    public function look(Request $request, WorkroomImport $intaking): View|RedirectResponse
    {
        $this->onlyHere($request);
        try {
            $file = $this->sent($request);
            $compared = $intaking->compare(WorkroomArchive::read($file->getPathname()));
        } catch (RecordRefused $refused) {
            return redirect()->route('backups')->withErrors(['packet' => $refused->said()]);
        }
        $name = Str::lower(Str::random(16));
        $file->move(storage_path(self::INCOMING), "$name.zip");
        array_map(
            unlink(...),
            array_filter(
                glob(storage_path(self::INCOMING).'/*.zip') ?: [],
                static fn (string $old): bool => filemtime($old) < Carbon::now()->subDay()->getTimestamp(),
            ),
        );

        return view('backups.import', ['compared' => $compared, 'name' => $name]);
    }

    public function import(Request $request, string $name, WorkroomImport $intaking): RedirectResponse
    {
        $this->onlyHere($request);
        $file = storage_path(self::INCOMING."/$name.zip");
        if (! is_file($file)) {
            return redirect()->route('backups')->withErrors(['packet' => say('backups.gone')]);
        }
        $chosen = $request->input('choose');
        $choose = static fn (string $folder, string $key): string => is_array($chosen)
            && ($chosen["$folder/$key"] ?? null) === WorkroomImport::TAKE
            ? WorkroomImport::TAKE
            : WorkroomImport::KEEP;
        try {
            $done = $intaking->take(WorkroomArchive::read($file), $choose);
        } catch (RecordRefused $refused) {
            return redirect()->route('backups')->withErrors(['packet' => $refused->said()]);
        }
        unlink($file);

        return redirect()->route('backups')->with('said', say('backups.imported', array_map(strval(...), $done)));
    }

    /** @param  Closure(): string  $restore */
    private function restored(Request $request, Closure $restore): RedirectResponse
    {
        $this->onlyHere($request);
        try {
            $before = $restore();
        } catch (RecordRefused $refused) {
            return redirect()->route('backups')->withErrors(['copy' => $refused->said()]);
        }

        return redirect()
            ->route('backups')
            ->with('said', say('backups.restored', ['before' => $before]))
            ->with('before', $before);
    }

    /** @throws RecordRefused */
    private function sent(Request $request): UploadedFile
    {
        $file = $request->file('file');

        return $file instanceof UploadedFile && $file->isValid() ? $file : throw RecordRefused::noPacket('', '');
    }

    private function onlyHere(Request $request): void
    {
        abort_unless(AccessControl::isThisMachine($request), 403, say('backups.only_here'));
    }
}
