import { describe, expect, it } from 'vitest';
import { SvgContext } from './svg-context.ts';

const context = (): SvgContext => new SvgContext('p', 200, 100, (text) => text.length * 5);
/** The elements of a picture without its frame, title and definitions. */
const inside = (ctx: SvgContext): string => /<\/defs>(.*)<\/svg>$/.exec(ctx.svg('x'))?.[1] ?? '';

describe('what is painted as SVG', () => {
  it('keeps every fill and stroke of one path, each in its own colour', () => {
    const ctx = context();
    ctx.beginPath();
    ctx.moveTo(1, 2);
    ctx.lineTo(3, 4.005);
    ctx.closePath();
    ctx.fillStyle = '#123';
    ctx.fill();
    ctx.globalAlpha = 0.5;
    ctx.strokeStyle = '#456';
    ctx.lineWidth = 2;
    ctx.setLineDash([5, 4]);
    ctx.stroke();
    expect(inside(ctx)).toBe(
      '<path d="M1 2L3 4.01Z" fill="#123"/><path d="M1 2L3 4.01Z" fill="none" stroke="#456" stroke-width="2" stroke-dasharray="5 4" stroke-opacity="0.5"/>',
    );
  });
  it('moves, scales and turns as a canvas does, and goes back to what was saved', () => {
    const ctx = context();
    ctx.save();
    ctx.translate(10, 20);
    ctx.scale(2, 3);
    ctx.fillStyle = 'red';
    ctx.fillRect(0, 0, 1, 1);
    ctx.rotate(Math.PI / 2);
    ctx.fillRect(0, 0, 1, 1);
    ctx.restore();
    ctx.fillRect(0, 0, 1, 1);
    // x' = ax + cy + e, y' = bx + dy + f (SVG 1.1, section 7.5): a quarter turn within the scaled square
    expect(inside(ctx).match(/matrix\(([^)]*)\)/g)).toEqual(['matrix(2 0 0 3 10 20)', 'matrix(0 3 -2 0 10 20)']);
    expect(inside(ctx)).toMatch(/<rect x="0" y="0" width="1" height="1" fill="#000"\/>$/);
  });
  it('clips what follows until the state before comes back', () => {
    const ctx = context();
    ctx.save();
    ctx.beginPath();
    ctx.roundRect(0, 0, 10, 10, 3);
    ctx.clip();
    ctx.fillRect(0, 0, 5, 5);
    ctx.restore();
    ctx.fillRect(1, 1, 5, 5);
    expect(inside(ctx)).toMatch(/^<g clip-path="url\(#p-c0\)"><rect [^>]*\/><\/g><rect [^>]*\/>$/);
    expect(ctx.svg('x')).toContain('<clipPath id="p-c0"><path d="M3 0h4');
  });
  it('writes words as words, as wide as they were reckoned, and harmless', () => {
    const ctx = context();
    ctx.font = '550 12px "Some Face", sans-serif';
    ctx.textAlign = 'center';
    ctx.fillText('a <b> & "c"', 50, 10);
    expect(inside(ctx)).toBe(
      '<text x="50" y="10" font-family="&quot;Some Face&quot;, sans-serif" font-size="12" font-weight="550" text-anchor="middle" textLength="55" lengthAdjust="spacingAndGlyphs" fill="#000">a &lt;b&gt; &amp; &quot;c&quot;</text>',
    );
    expect(ctx.svg('<title>')).toContain('<title>&lt;title&gt;</title>');
  });
  it('draws a whole round as two halves that meet', () => {
    const ctx = context();
    ctx.beginPath();
    ctx.arc(10, 10, 2, 0, 2 * Math.PI);
    ctx.fill();
    expect(inside(ctx)).toContain('d="M12 10A2 2 0 0 1 8 10A2 2 0 0 1 12 10"');
  });
});
