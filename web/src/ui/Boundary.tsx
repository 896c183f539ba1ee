import { Component, type ErrorInfo, type ReactNode } from "react";
import { Button } from "./controls";

interface Props {
  /** What of the work is safe, in a sentence; asked for when something has gone wrong. */
  safe: () => string;
  children: ReactNode;
}

/** Stands between a part of the page that breaks and the rest: the work is kept, and the way back is offered. */
export class Boundary extends Component<Props, { broken: Error | null }> {
  override state = { broken: null as Error | null };

  static getDerivedStateFromError(broken: Error) {
    return { broken };
  }

  override componentDidCatch(broken: Error, { componentStack }: ErrorInfo): void {
    console.error("A part of the page broke.", broken, componentStack);
  }

  override render(): ReactNode {
    const { broken } = this.state;
    if (!broken) return this.props.children;
    return (
      <main className="mx-auto max-w-xl p-10" role="alert">
        <h1 className="pb-2 font-bold text-xl">This part of the page broke</h1>
        <p>{this.props.safe()}</p>
        <p className="pt-2 text-flint">
          It is a fault of Flintmoss. What it says of itself: “{broken.message}”
        </p>
        <div className="flex gap-2 pt-4">
          <Button look="go" onClick={() => this.setState({ broken: null })}>
            Show it again
          </Button>
          <Button onClick={() => location.reload()}>Load the page anew</Button>
          <Button onClick={() => location.assign("/")}>Go to the shelf</Button>
        </div>
      </main>
    );
  }
}
