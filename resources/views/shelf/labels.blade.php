<x-page :title="__('labels.sheet')" body="on-shelf">
    <h1>{{ __('labels.sheet') }}</h1>
    <p>{{ __('labels.sheet_why') }}</p>
    <form method="get" action="{{ route('labels') }}" class="label-sheet-of">
        <p class="act-fields"><label><span class="label">{{ __('labels.size') }}</span><select name="size">
                    @foreach ($sizes as $size)
                        <option value="{{ $size }}">{{ __("labels.sizes.$size") }}</option>
                    @endforeach
                </select>
            </label><label><span class="label">{{ __('labels.from') }}</span><input name="from" inputmode="numeric"
                    maxlength="3" value="1"></label></p>
        <label class="tick"><input type="checkbox" name="code" value="1" checked>
            {{ __('labels.code') }}</label>
        <label class="tick"><input type="checkbox" name="slip" value="1"> {{ __('labels.slip') }}</label>
        <table class="plain done-list">
            <thead>
                <tr>
                    <th></th>
                    <th></th>
                    <th class="num">{{ __('labels.how_many') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($batches as $batch)
                    <tr>
                        <th scope="row">{{ $batch->document['name'] ?? '' }}</th>
                        <td>{{ $batch->code }}</td>
                        <td class="num"><input name="n[{{ $batch->code }}]" inputmode="numeric" maxlength="3"
                                aria-label="{{ __('labels.how_many') }}: {{ $batch->code }}" value="0"></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <button class="button">{{ __('labels.make') }}</button>
    </form>
</x-page>
