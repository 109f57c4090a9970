import { t } from '@lingui/core/macro'
import { Component, type ReactNode } from 'react'
import { Notice } from '../shared/ui/Notice'
import { Press } from '../shared/ui/Press'

/** Where a page fails to draw, the rest of Tinta stands; what was typed and weighed is kept on the device. */
export class Mishap extends Component<{ at: string; children: ReactNode }, { failed: boolean }> {
  override state = { failed: false }

  static getDerivedStateFromError(): { failed: boolean } {
    return { failed: true }
  }

  override componentDidUpdate(before: { at: string }): void {
    // Another page is another try.
    if (before.at !== this.props.at && this.state.failed) this.setState({ failed: false })
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children
    return (
      <div className="page">
        <Notice
          kind="stop"
          title={t`This page could not be shown.`}
          action={<Press kind="main" onPress={() => { window.location.reload() }}>{t`Load it again`}</Press>}
        >
          {t`What you typed and weighed is kept on this device. If it happens again, go to Today and tell whoever looks after Tinta.`}
        </Notice>
      </div>
    )
  }
}
