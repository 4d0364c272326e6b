<x-page :title="__('ui.pour.title', ['name' => $page->formula->name])" body="on-pour">
    <h1>{{ __('ui.pour.title', ['name' => $page->formula->name]) }}</h1>
    <p class="verdict" role="status">{{ $page->verdict === '' ? __('ui.pour.begin') : $page->verdict }}</p>
    <div class="pour">
        <form method="post" action="{{ route('pour.done', $page->formula) }}" class="pour-form" x-data="once"
            novalidate>
            @csrf
            <label class="pour-scale"><span class="label">{{ __('ui.pour.scale') }}</span>
                <span class="reading-figure"><input name="scale" inputmode="decimal" autocomplete="off" placeholder=" "
                        value="{{ $errors->any() ? old('scale') : '' }}" @invalid('scale')> <span
                        class="reading-unit">g</span></span></label>
            <x-problem for="scale" />
            <p class="pour-stands">{{ __('ui.pour.stands', ['grams' => $page->stands]) }}
                @if ($page->hasScale)
                    {{ __('ui.pour.read') }}
                @endif
            </p>
            <label class="sure"><input type="checkbox" name="tared" value="1" @checked(old('tared'))>
                {{ __('ui.pour.tared') }}</label>
            <fieldset class="pour-names">
                <legend>{{ __('ui.pour.what') }}</legend>
                @foreach ($page->names as $key => $name)
                    <button class="button button-quiet" name="of" value="{{ $key }}">{{ $name }}</button>
                @endforeach
                <p class="pour-other"><label><span class="label">{{ __('ui.pour.other') }}</span><input name="other"
                            maxlength="120" value="{{ old('other') }}" @invalid('other')></label>
                    <button class="button button-quiet" name="of" value="">{{ __('ui.pour.poured') }}</button></p>
                <x-problem for="other" />
            </fieldset>
        </form>
        <div class="pour-bowl">
            <x-vessel :section="$page->vessel" />
            @if ($page->lines !== [])
                <table class="hob-table">
                    @foreach ($page->lines as $line)
                        <tr>
                            <th>{{ $line['name'] }}</th>
                            <td class="num">{{ $line['grams'] }}</td>
                            <td class="num">{{ $line['percent'] }}</td>
                        </tr>
                    @endforeach
                </table>
            @endif
            @if ($page->nextDrop !== '')
                <p class="pour-drop">{{ $page->nextDrop }}</p>
            @endif
            <p><a class="button" href="{{ route('bench', $page->formula) }}">{{ __('ui.pour.bench') }}</a></p>
        </div>
    </div>
</x-page>
