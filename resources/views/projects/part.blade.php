<li class="project-part is-{{ $row['state'] }}" id="part-{{ $row['key'] }}">
    <b class="part-letter" aria-hidden="true">{{ $row['letter'] }}</b>
    <div>
        <h3>{{ $row['name'] }} <small class="project-state">{{ __("projects.state.$row[state]") }}</small></h3>
        @if ($row['lot'] === null)
            <p class="project-times"><b>{{ __('projects.begins', ['begin' => $row['begin']]) }}</b>
                {{ __('projects.is_ready', ['ready' => $row['ready']]) }}</p>
            <p class="quiet">{{ implode('; ', array_filter([$row['makes'], $row['said'], $row['keeps']])) }}</p>
            @if ($row['problem'] !== '')
                <p class="project-problem">{{ $row['problem'] }}</p>
            @endif
        @else
            <p>{{ __('projects.from', [
                'code' => $row['lot']->code,
                'grams' => $wording->grams($row['lot']->grams_left),
            ]) }}
            </p>
            @if ($row['short'] !== '')
                <p class="problem">{{ $row['short'] }}</p>
            @endif
            <form method="post" action="{{ route('project.back', [$page->formula, $row['key']]) }}">@csrf<button
                    class="link">{{ __('projects.take_back') }}</button></form>
        @endif
        @if ($page->project !== null && $row['lot'] === null)
            @foreach ($row['serves'] as $lot)
                <form method="post" action="{{ route('project.take', [$page->formula, $row['key']]) }}">@csrf<input
                        type="hidden" name="lot" value="{{ $lot->code }}"><button class="button button-quiet">
                        {{ __('projects.serves', ['name' => $lot->name, 'code' => $lot->code]) }}</button>
                </form>
            @endforeach
            <div class="project-do">
                @if ($row['jar'] !== '')
                    <a class="button" href="{{ $row['jar'] }}">{{ __('projects.to_jar') }}</a>
                @elseif (in_array($row['state'], ['due', 'later'], true))
                    <form method="post" action="{{ route('project.begin', [$page->formula, $row['key']]) }}">
                        @csrf<button class="button @if ($row['state'] === 'later') button-quiet @endif">
                            {{ __($row['isOily'] ? 'projects.do_jar' : 'projects.do_begin') }}</button>
                    </form>
                @endif
                @if ($row['jar'] === '')
                    <details class="about" id="made-{{ $row['key'] }}" @if ($row['state'] === 'begun') open @endif>
                        <summary>{{ __('projects.made_title') }}</summary>
                        <form method="post" action="{{ route('project.made', [$page->formula, $row['key']]) }}"
                            novalidate>
                            @csrf
                            <label><span class="label">{{ __('projects.gave') }}</span><span class="with-unit"><input
                                        name="grams" inputmode="decimal" maxlength="12" value="{{ old('grams') }}"
                                        @invalid('grams')>
                                    g</span></label>
                            @if ($row['expect'] !== '')
                                <span class="quiet">{{ __('projects.expect', ['grams' => $row['expect']]) }}</span>
                            @endif
                            <div class="looks" role="radiogroup" aria-label="{{ __('pantry.prepare.store') }}">
                                @foreach (__('pantry.do_move') as $to => $word)
                                    <label class="look"><input type="radio" name="storage" value="{{ $to }}"
                                            @checked(($row['isOily'] ? 'room' : 'fridge') === $to)>
                                        <span>{{ $word }}</span></label>
                                @endforeach
                            </div>
                            <x-problem for="grams" />
                            <button class="button">{{ __('projects.do_made') }}</button>
                        </form>
                    </details>
                @endif
            </div>
        @endif
    </div>
</li>
