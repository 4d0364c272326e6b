{{-- What becomes of one kind of container: taken out of it, or put elsewhere. --}}
@include('shelf.leaves', [
    'container' => $one['letter'],
    'back' => "container-{$one['letter']}",
    'grams' => round(min($one['perOne'], $one['left']), 2),
])
<details class="act">
    <summary>{{ __('shelf.move') }}</summary>
    <form method="post" action="{{ route('container.move', [$batch, $one['letter']]) }}#container-{{ $one['letter'] }}"
        novalidate>@csrf<input type="hidden" name="client_key"
            value="{{ $made->clientKey }}m{{ $one['letter'] }}">
        <p class="act-fields"><label class="wide"><span class="label">{{ __('shelf.where') }}</span><input
                    name="to" maxlength="80" value=""></label></p>
        <p class="act-fields">
            @foreach (\App\Make\Container::PLACES as $place)
                <button class="button button-quiet" name="storage"
                    value="{{ $place }}">{{ __("pantry.do_move.$place") }}</button>
            @endforeach
        </p>
        <p class="quiet">{{ __('shelf.split.move_means') }}</p>
    </form>
</details>
