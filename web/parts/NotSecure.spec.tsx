import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { NotSecure } from './NotSecure.js';

const secure = (is: boolean) => Object.defineProperty(window, 'isSecureContext', { value: is, configurable: true });
afterAll(() => secure(false));

test('a page that came encrypted has nothing to say', () => {
  secure(true);
  render(<NotSecure />);
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
});

test('one that did not says what does not work, why, and what to do', () => {
  secure(false);
  render(<NotSecure />);
  expect(screen.getByRole('status')).toHaveTextContent(/without encryption.*without signal, the camera.*under https/);
});
