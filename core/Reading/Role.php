<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** What a stretch of a note is. */
enum Role: string
{
    case Title = 'title';
    case Yield = 'yield';
    case Heading = 'heading';
    case Ingredient = 'ingredient';
    case Part = 'part';
    case Step = 'step';
    case Utility = 'utility';
    case Claim = 'claim';
    case Audience = 'audience';
    case Use = 'use';
    case Remark = 'remark';
    case Unread = 'unread';

    /** @return list<self> what a maker may say that a stretch is */
    public static function choosable(): array
    {
        return [
            self::Ingredient, self::Step, self::Title, self::Yield, self::Heading, self::Claim, self::Use,
            self::Audience,
            self::Utility, self::Remark,
        ];
    }
}
