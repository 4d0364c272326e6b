<?php

declare(strict_types=1);

namespace App\Access;

use App\Drawing\QrCode;
use App\Ground\Typed;
use App\Models\Device;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;

/** The door to the home network: signing in, the code that opens a page on a phone, which devices are in. */
final class AccessController
{
    public function __construct(private readonly AccessControl $door, private readonly Authority $authority)
    {
    }

    public function show(Request $request): View
    {
        return view(
            'access.sign-in',
            [
                'to' => Invitation::path(Typed::text($request, 'to')),
                'invited' => false,
                'waits' => $this->door->waits($request),
            ],
        );
    }

    public function signIn(Request $request): RedirectResponse
    {
        $waits = $this->door->waits($request);
        if ($waits > 0) {
            return back()->withErrors(['passphrase' => trans_choice('access.wait', (int) ceil($waits / 60))]);
        }
        $isRight = $this->door->opensWith($request, Typed::text($request, 'passphrase'));

        return $isRight
            ? $this->in($request)
            : back()->withInput($request->only('device', 'to'))->withErrors(['passphrase' => say('access.wrong')]);
    }

    public function invited(Request $request): View|RedirectResponse
    {
        $to = Invitation::path(Typed::text($request, 'to'));
        if (AccessControl::deviceOf($request) !== null) {
            return redirect($to);
        }

        return Invitation::isGood($request)
            ? view('access.sign-in', ['to' => $to, 'invited' => true, 'waits' => 0])
            : redirect()->route('sign-in', ['to' => $to])->withErrors(['passphrase' => say('access.invitation_old')]);
    }

    public function comeIn(Request $request): RedirectResponse
    {
        return Invitation::take($request)
            ? $this->in($request)
            : redirect()
                ->route('sign-in', ['to' => Invitation::path(Typed::text($request, 'to'))])
                ->withErrors(['passphrase' => say('access.invitation_old')]);
    }

    /** The code that opens a page of this workroom on a phone. */
    public function phone(Request $request): View
    {
        $to = Invitation::path(Typed::text($request, 'to'));
        $address = config()->array('ilvane.lan')[0] ?? null;
        $isSecure = config()->array('ilvane.https') !== [];
        $link = Invitation::to($to, $isSecure);
        $plain = $isSecure ? Invitation::to($to) : null;

        return view(
            'access.phone',
            [
                'to' => $to,
                'address' => $address,
                'hasPassphrase' => AccessControl::hasPassphrase(),
                'isSecure' => $isSecure,
                'fingerprint' => $this->authority->fingerprint(),
                'code' => $link === null ? null : QrCode::of($link),
                'plainCode' => $plain === null ? null : QrCode::of($plain),
                'authorityCode' => $link !== null && $isSecure && is_string($address)
                    ? QrCode::of("http://$address".route('authority', absolute: false))
                    : null,
            ],
        );
    }

    /** What a phone has to know before it installs the workroom's certificate. It is read before anybody is let in. */
    public function authority(): View
    {
        abort_if($this->authority->fingerprint() === null, 404);

        return view('access.authority', [
            'fingerprint' => $this->authority->fingerprint(),
            'address' => config()->array('ilvane.https')[0] ?? null,
        ]);
    }

    public function certificate(): Response
    {
        return new Response($this->authority->certificate() ?? abort(404), Response::HTTP_OK, [
            'Content-Type' => 'application/x-x509-ca-cert',
            'Content-Disposition' => 'attachment; filename="ilvane-workroom.crt"',
        ]);
    }

    public function setPassphrase(Request $request): RedirectResponse
    {
        abort_unless(AccessControl::isThisMachine($request), 403, say('access.only_here'));
        $typed = Typed::text($request, 'passphrase');
        $closes = Typed::text($request, 'do') === 'close';
        $wrong = $closes ? null : AccessControl::refuses($typed);
        if ($wrong !== null) {
            return redirect()
                ->to(route('settings').'#access')
                ->withErrors(['passphrase' => say($wrong, ['letters' => (string) AccessControl::SHORTEST])]);
        }
        AccessControl::setPassphrase($closes ? '' : $typed);

        return redirect()->to(route('settings').'#access')->with('said', say($closes ? 'access.shut' : 'access.set'));
    }

    public function end(Request $request, Device $device): RedirectResponse
    {
        $device->forceFill(['ended_at' => $device->ended_at ?? Carbon::now()])->save();

        return redirect()
            ->to(route('settings').'#access')
            ->with('said', say('access.ended', ['device' => $device->name]));
    }

    private function in(Request $request): RedirectResponse
    {
        $request->session()->regenerate();

        return redirect(
            Invitation::path(Typed::text($request, 'to')),
        )->withCookie(AccessControl::letIn(Typed::text($request, 'device'), $request->isSecure()));
    }
}
