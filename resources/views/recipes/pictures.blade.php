@foreach ($uids as $uid)
    <figure class="note-picture">
        <a href="{{ route('recipe.picture', $uid) }}"><img src="{{ route('recipe.picture', $uid) }}" loading="lazy"
                alt="{{ __('recipes.picture') }}"></a>
        <figcaption>{{ __('recipes.picture') }}</figcaption>
    </figure>
@endforeach
