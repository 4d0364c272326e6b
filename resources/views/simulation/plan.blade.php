<form class="plan" id="plan" method="post" action="{{ route('simulation.plan', $page->formula) }}" novalidate>
    @csrf
    <button class="unseen" tabindex="-1" aria-hidden="true" name="do"
        value="save">{{ __('simulation.save') }}</button>
    <h2>{{ __('simulation.plan') }} <small>{{ __('simulation.plan_means') }}</small></h2>
    <div class="plan-kitchen">
        @foreach (['room_c', 'bath_c', 'altitude_m'] as $field)
            <label><span class="label">{{ __("simulation.kitchen.$field") }}</span><input name="{{ $field }}"
                    inputmode="decimal" maxlength="8" value="{{ $page->form->kitchen[$field] }}"
                    @invalid($field, $page->form->problems)>
                @isset($page->form->problems[$field])
                    <span class="problem" id="problem-{{ $field }}">{{ __('simulation.problems.number') }}</span>
                @endisset
            </label>
        @endforeach
        @foreach (['covered', 'pour'] as $field)
            <label><span class="label">{{ __("simulation.kitchen.$field") }}</span><select
                    name="{{ $field }}">
                    @foreach (__("simulation.$field") as $value => $word)
                        <option value="{{ $value }}"
                            @selected($page->form->kitchen[$field] === (string) $value)>{{ $word }}</option>
                    @endforeach
                </select>
            </label>
        @endforeach
        <label><span class="label">{{ __('simulation.kitchen.cool') }}</span><select name="cool">
                @foreach (__('simulation.how') as $value => $word)
                    @if ($value !== '')
                        <option value="{{ $value }}"
                            @selected($page->form->kitchen['cool'] === $value)>{{ $word }}</option>
                    @endif
                @endforeach
            </select>
        </label>
        @foreach (['water', 'oil'] as $field)
            <label><span class="label">{{ __("simulation.kitchen.$field") }}</span><select
                    name="{{ $field }}">
                    @foreach ($page->vessels as $key => $name)
                        <option value="{{ $key }}" @selected($page->form->kitchen[$field] === $key)>{{ $name }}</option>
                    @endforeach
                </select>
            </label>
        @endforeach
    </div>
    <ol class="plan-steps">
        @foreach ($page->form->steps as $i => $step)
            <li class="plan-step">
                <input type="hidden" name="steps[{{ $i }}][do]" value="{{ $step['do'] }}">
                @if ($step['kept'] !== '')
                    <input type="hidden" name="steps[{{ $i }}][kept]" value="{{ $step['kept'] }}">
                @endif
                <b class="plan-do">{{ __("simulation.do.{$step['do']}") }}</b>
                <span class="plan-took">
                    @isset($page->steps[$i])
                        {{ $page->steps[$i]['minutes'] }} min
                    @endisset
                </span>
                <span class="plan-fields">
                    @foreach (\App\Simulation\ProcessForm::FIELDS[$step['do']] ?? [] as $field)
                        @php($id = "steps.$i.$field")
                        <label><span class="label">{{ __("simulation.fields.$field") }}</span>
                            @if ($field === 'what' || $field === 'how')
                                <select name="steps[{{ $i }}][{{ $field }}]">
                                    @foreach (__("simulation.$field") as $value => $word)
                                        <option value="{{ $value }}" @selected($step[$field] === $value)>
                                            {{ $word }}</option>
                                    @endforeach
                                </select>
                            @elseif ($field === 'phase')
                                <select name="steps[{{ $i }}][phase]">
                                    @foreach (__('words.phase') as $value => $word)
                                        <option value="{{ $value }}" @selected($step['phase'] === $value)>
                                            {{ $word }}</option>
                                    @endforeach
                                </select>
                            @else<input name="steps[{{ $i }}][{{ $field }}]" inputmode="decimal"
                                    maxlength="8" value="{{ $step[$field] }}"
                                    @invalid($id, $page->form->problems)>
                            @endif
                            @isset($page->form->problems[$id])
                                <span class="problem"
                                    id="problem-{{ $id }}">{{ __('simulation.problems.number') }}</span>
                            @endisset
                        </label>
                    @endforeach
                </span>
                <span class="plan-moves">
                    @foreach (['up' => '↑', 'down' => '↓', 'remove' => '✕'] as $way => $sign)
                        <button class="button button-quiet" name="do"
                            value="{{ $way }}:{{ $i }}"
                            aria-label="{{ __("simulation.$way", ['n' => $i + 1]) }}">{{ $sign }}</button>
                    @endforeach
                </span>
                @foreach ($page->form->problems === [] ? $page->steps[$i]['notes'] ?? [] : [] as $note)
                    <p class="plan-note sev-{{ $note['severity'] }}">
                        {{ \App\Ground\PencilNotes::mark($note['severity']) }} {{ $note['message'] }} <span
                            class="quiet">{{ $note['because'] }}</span></p>
                @endforeach
            </li>
        @endforeach
    </ol>
    <p class="plan-do-it">
        <button class="button" name="do" value="save">{{ __('simulation.save') }}</button>
        <span class="plan-add"><label><span class="label">{{ __('simulation.add') }}</span><select name="adding">
                    @foreach (__('simulation.do') as $value => $word)
                        <option value="{{ $value }}">{{ $word }}</option>
                    @endforeach
                </select></label><button class="button button-quiet" name="do"
                value="add">{{ __('simulation.do_add') }}</button></span>
        @if ($page->form->isOwn)
            <button class="link" name="do" value="usual">{{ __('simulation.usual') }}</button>
        @endif
    </p>
</form>
