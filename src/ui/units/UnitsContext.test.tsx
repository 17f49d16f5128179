/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { UnitsProvider, useUnits } from './UnitsContext';

function Figures() {
  const { text, split, spoons, setUnits } = useUnits();
  const { text: number, unit } = split(425, 'g');
  return (
    <>
      <p>{[text(0.8, 'mm'), text(95, 'C'), text(425, 'g'), spoons(15)].join(' | ')}</p>
      <p>{`${number} in ${unit}`}</p>
      <button type="button" onClick={() => setUnits(US_CUSTOMARY)}>
        Ounces
      </button>
    </>
  );
}

const kept = () => /units=([^;]+)/.exec(document.cookie)?.[1];

describe('the reader’s units', () => {
  it('write every figure, and are kept for the next page', async () => {
    render(
      <UnitsProvider initial={METRIC}>
        <Figures />
      </UnitsProvider>,
    );
    expect(screen.getByText(/^0.80 mm \| 95 °C \| 425 g/)).toBeInTheDocument();
    expect(screen.getByText('425 in g')).toBeInTheDocument();
    expect(kept()).toBeUndefined();
    await userEvent.click(screen.getByRole('button', { name: 'Ounces' }));
    expect(screen.getByText(/^0.031 in \| 203 °F \| 15.0 oz/)).toBeInTheDocument();
    expect(JSON.parse(decodeURIComponent(kept()!))).toEqual(US_CUSTOMARY);
  });

  it('are metric where nobody says', () => {
    render(<Figures />);
    expect(screen.getByText(/^0.80 mm/)).toBeInTheDocument();
  });
});
